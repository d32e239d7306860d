<?php

declare(strict_types=1);

namespace Rinkel\App\Examples;

use Psr\Clock\ClockInterface;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\OrderFiller;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\LooseData;

/**
 * The orders of the examples: a stall with six of them, in all states, due around today.
 */
final readonly class ExampleOrders
{
    public function __construct(
        private Orders $orders,
        private OrderFiller $filler,
        private Makings $makings,
        private ExampleCut $cut,
        private ExampleWork $work,
        private ClockInterface $clock,
    ) {}

    /**
     * @param list<LooseData>            $rows as the file has them
     * @param array<string, StoredPiece> $laid by the name of their file
     */
    public function take(array $rows, array $laid): void
    {
        foreach ($rows as $row) {
            $said = $row->array('order');
            $days = $row->within('order')->whole('due');
            $order = $this->orders->ask(['due' => $this->clock->now()->modify($days.' days')->format('Y-m-d')] + $said);
            foreach ($row->rows('things') as $thing) {
                $piece = $laid[$thing->raw('piece')] ?? null;
                if (null !== $piece) {
                    $wearer = array_intersect_key($thing->typed(), ['girth' => 0, 'for' => 0]);
                    $this->bring($this->filler->add($order, $piece, $thing->whole('count', 1), $wearer), $thing);
                }
            }
            if ($row->is('closed')) {
                $this->orders->close($order, true);
            }
        }
    }

    /**
     * @param list<StoredMaking> $makings
     */
    private function bring(array $makings, LooseData $thing): void
    {
        $to = MakingState::tryFrom($thing->raw('to')) ?? MakingState::Planned;
        if (MakingState::Planned === $to) {
            return;
        }
        $this->cut->all($makings);
        foreach ($makings as $making) {
            $making = $this->makings->withUid($making->uid()) ?? $making;
            if (MakingState::OnBoard === $to) {
                $this->work->begin($making, $thing->whole('moves'));
            }
            if (!$to->isBefore(MakingState::Made)) {
                $this->work->finish($making, $thing->texts('typed'));
                $this->makings->delivered($making, MakingState::Delivered === $to);
            }
        }
    }
}
