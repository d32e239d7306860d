<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\App\Platform\Files\Tables;
use Rinkel\App\Platform\Files\UploadedFiles;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Quoted;
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
        private UploadedFiles $arriving,
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
        $rows = $this->rowsOf($file);
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
        $there = new BoxIndex($this->stock->rows());
        $unit = $this->preferences->unit();
        foreach ($rows as $line => $cells) {
            $said = [];
            foreach ($known as $column => $name) {
                $said[$name] = $cells[$column] ?? '';
            }
            $changes[] = $this->change($line, $said, $there, $unit);
        }

        return new TablePreview($changes, array_values(array_diff($head, $known, [''])), true);
    }

    /**
     * Reads a table, and notes beside it what was read: unpacking it takes longest, and is done once.
     *
     * @return array<int, list<string>>|null null when the file is no table
     */
    public function rowsOf(string $file): ?array
    {
        $noted = $this->arriving->beside($file);
        $rows = is_file($noted) ? json_decode((string) file_get_contents($noted), true) : null;
        if (\is_array($rows)) {
            /** @var array<int, list<string>> $rows */
            return $rows;
        }
        $rows = Tables::read($file);
        if (null !== $rows) {
            file_put_contents($noted, json_encode($rows, \JSON_THROW_ON_ERROR | \JSON_FORCE_OBJECT), \LOCK_EX);
        }

        return $rows;
    }

    /**
     * @param array<string, string> $said by column
     */
    private function change(int $line, array $said, BoxIndex $there, Unit $unit): TableChange
    {
        $kind = Kind::tryFrom(mb_strtolower($said['kind'] ?? ''));
        if (null === $kind) {
            return new TableChange($line, null, [], null, [], [new Fault('kind', new Message('one-of', [
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
            $row = $there->called($kind, $said['uid'] ?? '', $said['name'] ?? '');
            // Columns that the table does not have stay as they are.
            $told = $this->reader->read(
                $kind,
                $document + ($row?->stored->document() ?? []),
                'new',
                $unit,
            );
            $row ??= $there->alike($told);
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

        return new TableChange($line, $kind, $told->document, $row, $differences, likeness: $told->item->materialKey());
    }

    /**
     * @return string|list<string>|bool
     */
    private static function cell(string $field, string $text): string|array|bool
    {
        if (\in_array($field, ['glass', 'nickel', 'instant'], true)) {
            return !\in_array(mb_strtolower($text), ['', 'no', 'nee', 'nein', '0', 'false', '-'], true);
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
