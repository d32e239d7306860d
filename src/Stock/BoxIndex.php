<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\Core\Stock\Kind;

/**
 * Finds what is in the box already of what a row of a table says.
 */
final class BoxIndex
{
    /** @var array<string, StockRow> */
    private array $byUid = [];

    /** @var array<string, list<StockRow>> */
    private array $byName = [];

    /** @var array<string, StockRow> */
    private array $byLikeness = [];

    /**
     * @param list<StockRow> $rows
     */
    public function __construct(array $rows)
    {
        foreach ($rows as $row) {
            $kind = $row->stored->kind()->value;
            $name = $row->stored->text('name');
            $this->byUid[$kind.$row->stored->uid()] = $row;
            $this->byName[$kind.$name][] = $row;
            if (null !== $row->item) {
                $this->byLikeness[$row->item->materialKey()."\0".$name] ??= $row;
            }
        }
    }

    /**
     * Returns it by its identifier, else the only one of that name.
     */
    public function called(Kind $kind, string $uid, string $name): ?StockRow
    {
        $named = '' === $name ? [] : $this->byName[$kind->value.$name] ?? [];

        return $this->byUid[$kind->value.$uid] ?? (1 === \count($named) ? $named[0] : null);
    }

    /**
     * Returns what is in the box of the same kind and name as what was read.
     */
    public function alike(StockEntry $told): ?StockRow
    {
        $name = $told->document['name'] ?? '';

        return $this->byLikeness[$told->item->materialKey()."\0".(\is_string($name) ? $name : '')] ?? null;
    }
}
