<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\Entity\StoredPiece;
use Rinkel\Core\Plan\Plan;

/**
 * All that one showing of the Piece page needs.
 */
final readonly class PieceView
{
    /**
     * @param Plan                                                    $plan     of the last good state
     * @param array<string, string>                                   $fields   as typed, or as shown for the piece
     * @param array<string, string>                                   $faults   sentences by field
     * @param array<string, array{mine: string, theirs: string}>|null $conflict fields that another tab saved differently
     */
    public function __construct(
        public StoredPiece $stored,
        public Plan $plan,
        public array $fields,
        public array $faults,
        public int $version,
        public int $zoom,
        public ?array $conflict = null,
    ) {}
}
