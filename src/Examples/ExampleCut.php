<?php

declare(strict_types=1);

namespace Rinkel\App\Examples;

use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Cutting\SheetTaker;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\Ticks;

/**
 * Cuts what the orders of the examples need.
 */
final readonly class ExampleCut
{
    public function __construct(
        private ChosenPiecesReader $choosing,
        private SheetTaker $taker,
        private Ticks $ticks,
        private StockBox $stock,
    ) {}

    /**
     * Cuts all of them: from the stock what it gives, from elsewhere what it does not.
     *
     * @param list<StoredMaking> $makings
     */
    public function all(array $makings): void
    {
        $chosen = $this->choosing->makings($makings);
        $cutting = $this->choosing->cutting($chosen);
        foreach ($cutting->sheets as [, , $sheet]) {
            foreach ($sheet->unserved as $demand) {
                $this->ticks->set(Ticks::elsewhere($demand), true);
            }
        }
        $needs = array_map(static fn ($need): string => $need->what->materialKey(), $chosen->needs());
        $this->taker->take($chosen, $cutting, $needs, true, $this->stock->mark());
    }
}
