<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Brick\Math\BigDecimal;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\FinishedPiece;

/**
 * One finished piece as pages show it.
 */
final readonly class LogEntry
{
    /**
     * @param FinishedPiece|null $is     null when it cannot be read
     * @param list<Fault>        $faults why it cannot be
     */
    public function __construct(
        public StoredEntry $stored,
        public ?FinishedPiece $is,
        public bool $hasPhoto = false,
        public array $faults = [],
    ) {}

    /**
     * Returns what its materials cost then; null where no price was known.
     */
    public function materials(): ?BigDecimal
    {
        return null === $this->is?->cost ? null : BigDecimal::of($this->is->cost['materials']);
    }
}
