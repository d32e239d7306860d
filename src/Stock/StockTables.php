<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\App\Platform\Files\Tables;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Quoted;
use Rinkel\Core\Said;
use Rinkel\Core\Stock\Kind;

/**
 * The stock as a table for other programs, and tables from there back again: a row for each kind of thing, its first
 * row says which column is what.
 */
final readonly class StockTables
{
    /** Of a finding what it does is called so, since "kind" says what the row is. */
    private const FINDING = 'finding';

    public function __construct(
        private StockBox $stock,
        private ItemReader $reader,
        private Preferences $preferences,
    ) {}

    /**
     * @return list<string>
     */
    public static function columns(): array
    {
        $columns = [];
        foreach (Kind::cases() as $kind) {
            foreach (ItemReader::fields($kind) as $field) {
                $columns[] = 'kind' === $field ? self::FINDING : $field;
            }
        }

        return ['kind', ...array_values(array_unique($columns)), 'uid'];
    }

    /**
     * @return list<list<string>>
     */
    public function rows(): array
    {
        $rows = [self::columns()];
        foreach ($this->stock->all() as $stored) {
            $cells = ['kind' => $stored->kind()->value, 'uid' => $stored->uid()];
            foreach (ItemReader::fields($stored->kind()) as $field) {
                $cells['kind' === $field ? self::FINDING : $field] = \in_array($field, ItemReader::LISTS, true)
                    ? implode('; ', $stored->texts($field))
                    : (true === ($stored->document()[$field] ?? null) ? 'yes' : $stored->text($field));
            }
            $rows[] = array_map(static fn (string $column): string => $cells[$column] ?? '', self::columns());
        }

        return $rows;
    }

    /**
     * Says of each row of a table what it would change.
     *
     * @return TablePreview|null null when the file is no table
     */
    public function look(string $file): ?TablePreview
    {
        $rows = Tables::read($file);
        if (null === $rows || [] === $rows) {
            return null;
        }
        $first = array_key_first($rows);
        $head = array_map(static fn (string $name): string => mb_strtolower(trim($name)), $rows[$first]);
        unset($rows[$first]);
        $known = array_intersect($head, self::columns());
        if (!\in_array('kind', $known, true)) {
            return new TablePreview([], array_values(array_diff($head, $known)), false);
        }
        $changes = [];
        $there = $this->stock->rows();
        foreach ($rows as $line => $cells) {
            $said = [];
            foreach ($known as $column => $name) {
                $said[$name] = $cells[$column] ?? '';
            }
            $changes[] = $this->change($line, $said, $there);
        }

        return new TablePreview($changes, array_values(array_diff($head, $known, [''])), true);
    }

    /**
     * @param array<string, string> $said  by column
     * @param list<StockRow>        $there
     */
    private function change(int $line, array $said, array $there): TableChange
    {
        $kind = Kind::tryFrom(mb_strtolower($said['kind'] ?? ''));
        if (null === $kind) {
            return new TableChange($line, null, [], null, [], [new Fault('kind', new Said('one-of', [
                'known' => array_column(Kind::cases(), 'value'), 'found' => new Quoted($said['kind'] ?? ''),
            ]))]);
        }
        $document = [];
        foreach (ItemReader::fields($kind) as $field) {
            $column = 'kind' === $field ? self::FINDING : $field;
            if (isset($said[$column])) {
                $document[$field] = self::cell($field, $said[$column]);
            }
        }
        try {
            $row = self::called($there, $kind, $said['uid'] ?? '', $said['name'] ?? '');
            // Columns that the table does not have stay as they are.
            $told = $this->reader->read(
                $kind,
                $document + ($row?->stored->document() ?? []),
                'new',
                $this->preferences->unit(),
            );
            $row ??= self::alike($there, $told);
        } catch (PieceUnreadable $unreadable) {
            return new TableChange($line, $kind, $document, null, [], $unreadable->faults);
        }
        $differences = [];
        foreach (null === $row ? [] : ItemReader::fields($kind) as $field) {
            $before = self::shown($row?->stored->document()[$field] ?? '');
            $after = self::shown($told->document[$field] ?? '');
            if ($before !== $after) {
                $differences[$field] = [$before, $after];
            }
        }

        return new TableChange($line, $kind, $told->document, $row, $differences);
    }

    /**
     * Returns what is in the box already of what a row says: by its identifier, else by the only one of that name.
     *
     * @param list<StockRow> $there
     */
    private static function called(array $there, Kind $kind, string $uid, string $name): ?StockRow
    {
        $named = [];
        foreach ($there as $row) {
            if ('' !== $uid && $uid === $row->stored->uid() && $kind === $row->stored->kind()) {
                return $row;
            }
            if ('' !== $name && $name === $row->stored->text('name') && $kind === $row->stored->kind()) {
                $named[] = $row;
            }
        }

        return 1 === \count($named) ? $named[0] : null;
    }

    /**
     * Returns what is in the box of the same kind and name as what was read.
     *
     * @param list<StockRow> $there
     */
    private static function alike(array $there, Told $told): ?StockRow
    {
        foreach ($there as $row) {
            if (
                $row->item?->likeness() === $told->item->likeness()
                && $row->stored->text('name') === ($told->document['name'] ?? '')
            ) {
                return $row;
            }
        }

        return null;
    }

    /**
     * @return string|list<string>|bool
     */
    private static function cell(string $field, string $text): string|array|bool
    {
        if (\in_array($field, ['glass', 'nickel', 'instant'], true)) {
            return !\in_array(mb_strtolower($text), ['', 'no', 'nee', '0', 'false', '-'], true);
        }

        return \in_array($field, ItemReader::LISTS, true) ? ItemReader::listed($text) : $text;
    }

    private static function shown(mixed $value): string
    {
        return match (true) {
            \is_array($value) => implode('; ', array_filter($value, is_string(...))),
            true === $value => 'yes',
            \is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
