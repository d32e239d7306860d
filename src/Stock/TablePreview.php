<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

/**
 * What a table would change in the stock, row by row.
 */
final readonly class TablePreview
{
    /** So many rows are shown one by one, and so many bad ones at most where there are more. */
    private const SHOWN = 300;
    private const SHOWN_BAD = 100;

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

    /**
     * Returns the rows that are shown one by one: the bad ones first, then what would be taken.
     *
     * @return list<TableChange>
     */
    public function shown(): array
    {
        $of = fn (string ...$standings): array => array_values(array_filter(
            $this->changes,
            static fn (TableChange $change): bool => \in_array($change->standing(), $standings, true),
        ));
        $all = \count($this->changes) <= self::SHOWN
            ? $this->changes
            : [...\array_slice($of('bad'), 0, self::SHOWN_BAD), ...$of('new', 'changed')];

        return \array_slice($all, 0, self::SHOWN);
    }

    /**
     * Returns how many more there are to take than are shown.
     */
    public function others(): int
    {
        return \count($this->chosen([], true));
    }

    /**
     * Returns what is taken: of the rows that were shown those that were ticked, of the others all or none.
     *
     * @param list<string> $lines
     *
     * @return list<TableChange>
     */
    public function chosen(array $lines, bool $others): array
    {
        $shown = array_fill_keys(array_map(static fn (TableChange $one): int => $one->line, $this->shown()), true);
        $ticked = array_fill_keys($lines, true);

        return array_values(array_filter(
            $this->changes,
            static fn (TableChange $change): bool => \in_array($change->standing(), ['new', 'changed'], true)
                && (isset($shown[$change->line]) ? isset($ticked[$change->line]) : $others),
        ));
    }
}
