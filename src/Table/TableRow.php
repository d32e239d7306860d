<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Piece\Fault;

/**
 * One piece as the Table shows it.
 */
final readonly class TableRow
{
    /**
     * @param PieceSummary|null $summary null when it cannot be planned
     * @param string            $version of its drawing
     * @param list<Fault>       $faults  why there is no plan, as far as that can be told
     */
    public function __construct(
        public StoredPiece $stored,
        public string $name,
        public ?PieceSummary $summary,
        public string $version,
        public array $faults = [],
    ) {}

    public function stands(): PieceStatus
    {
        return PieceStatus::of($this->stored, $this->summary);
    }
}
