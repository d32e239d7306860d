<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

use Rinkel\App\Orders\StoredOrder;

/**
 * The slip that goes into the parcel.
 */
final readonly class SlipPaper
{
    public function __construct(private Words $words) {}

    /**
     * @param list<Slip> $slips
     */
    public function pdf(StoredOrder $order, array $slips): string
    {
        $title = $this->words->of('orders.slip');
        $page = $this->words->page($title);
        $page->title('' === $order->text('name') ? $title : $order->text('name'), $order->text('for'));
        foreach ($slips as $slip) {
            $page->need(40);
            $page->heading($slip->name);
            $page->text9($slip->size, true);
            foreach ($slip->materials as $material) {
                $page->text9('– '.$material);
            }
            foreach ([...$slip->care, ...$slip->cautions] as $sentence) {
                $page->text9($sentence);
            }
        }

        return $page->pdf();
    }
}
