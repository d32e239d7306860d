<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

/**
 * What a table would change in the stock, row by row.
 */
final readonly class TablePreview
{
    /**
     * @param list<TableChange> $changes
     * @param list<string>      $unknown columns that say nothing to Rinkel
     * @param bool              $hasKind whether a column says what each row is
     */
    public function __construct(
        public array $changes,
        public array $unknown,
        public bool $hasKind,
    ) {}

    public function count(string $standing): int
    {
        return \count(array_filter(
            $this->changes,
            static fn (TableChange $change): bool => $standing === $change->standing(),
        ));
    }
}
