<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\App\Money\Price;
use Rinkel\Core\Stock\Item;

/**
 * One thing in stock as it was read.
 */
final readonly class StockEntry
{
    /**
     * @param Price|null           $price    of a metre of cord, or of one; null where nobody said
     * @param array<string, mixed> $document as it is kept
     */
    public function __construct(
        public Item $item,
        public ?Price $price,
        public array $document,
    ) {}
}
