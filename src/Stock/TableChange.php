<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Stock\Kind;

/**
 * What one row of a table would change in the stock.
 */
final readonly class TableChange
{
    /**
     * @param int                                  $line        of the table, from 1
     * @param Kind|null                            $kind        null when the row does not say
     * @param array<string, mixed>                 $document    as it would be kept
     * @param StockRow|null                        $there       what it would change, null where it is new
     * @param array<string, array{string, string}> $differences by field, what it is and what it would be
     * @param list<Fault>                          $faults      why it cannot be taken
     * @param string                               $likeness    by which pieces find it then
     */
    public function __construct(
        public int $line,
        public ?Kind $kind,
        public array $document,
        public ?StockRow $there,
        public array $differences,
        public array $faults = [],
        public string $likeness = '',
    ) {}

    /**
     * Returns how it stands to what is there: "bad", "new", "changed" or "same".
     */
    public function standing(): string
    {
        return match (true) {
            [] !== $this->faults => 'bad',
            null === $this->there => 'new',
            [] !== $this->differences => 'changed',
            default => 'same',
        };
    }
}
