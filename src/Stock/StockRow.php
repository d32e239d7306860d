<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\App\Money\Price;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Hue;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\Item;
use Rinkel\Core\Stock\StockCord;

/**
 * One thing in stock as its page shows it.
 */
final readonly class StockRow
{
    /**
     * @param Item|null   $item   null when it cannot be read
     * @param list<Fault> $faults why it cannot be read
     */
    public function __construct(
        public StoredItem $stored,
        public ?Item $item,
        public ?Price $price = null,
        public array $faults = [],
    ) {}

    /**
     * Returns how long the tape is on which offcuts lie, in mm.
     *
     * @param list<self> $rows
     */
    public static function tape(array $rows): float
    {
        $longest = 1000.0;
        foreach ($rows as $row) {
            foreach ($row->cord()->supplies ?? [] as $supply) {
                $longest = max($longest, $supply->isSpool ? 0.0 : $supply->length->millimetres ?? 0.0);
            }
        }

        return $longest;
    }

    public function cord(): ?StockCord
    {
        return $this->item instanceof StockCord ? $this->item : null;
    }

    public function counted(): ?Counted
    {
        return $this->item instanceof Counted ? $this->item : null;
    }

    /**
     * Returns whether it is of a hue; nothing is of none.
     */
    public static function isOf(StoredItem $stored, ?Hue $hue): bool
    {
        try {
            return null !== $hue && '' !== $stored->text('colour') && $hue === Hue::of(
                Colour::parse($stored->text('colour')),
            );
        } catch (Failure) {
            return false; // its own page says what is wrong with it
        }
    }

    /**
     * Returns whether all words of $text stand somewhere in what is said of a thing.
     */
    public static function isSaid(StoredItem $stored, string $text): bool
    {
        $all = mb_strtolower(implode(' ', array_filter($stored->document(), is_string(...))));
        foreach (preg_split('/\s+/u', mb_strtolower(trim($text)), -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (!str_contains($all, $word)) {
                return false;
            }
        }

        return true;
    }
}
