<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\Core\Material\Strain;
use Rinkel\Core\Stock\Kind;
use Rinkel\Core\Stock\StockGlue;

/**
 * The glues in the stock box.
 */
final readonly class Glues
{
    public function __construct(private StockBox $box) {}

    /**
     * @return list<StockRow> glues that bear what is asked of them
     */
    public function bearing(Strain $strain): array
    {
        return array_values(array_filter(
            $this->box->rows(Kind::Glue),
            static fn (StockRow $row): bool => $row->item instanceof StockGlue && $row->item->glue->bears($strain),
        ));
    }

    /**
     * Returns for how many minutes glue is left alone at least that bears what is asked of it: the quickest of those in
     * the box, as nobody knows yet which is taken; each has a clock of its own.
     *
     * @return array<string, int> by what it has to bear; nothing of what none in the box bears
     */
    public function dries(): array
    {
        $dries = [];
        foreach ($this->box->rows(Kind::Glue) as $row) {
            foreach (Strain::cases() as $strain) {
                if ($row->item instanceof StockGlue && $row->item->glue->bears($strain)) {
                    $dries[$strain->value] = min(
                        $dries[$strain->value] ?? \PHP_INT_MAX,
                        $row->item->glue->cure->minutes,
                    );
                }
            }
        }

        return $dries;
    }
}
