<?php

declare(strict_types=1);

namespace Rinkel\App\Examples;

use Psr\Clock\ClockInterface;
use Rinkel\App\Board\Boards;
use Rinkel\App\Board\Taps;
use Rinkel\App\Cutting\Choosing;
use Rinkel\App\Cutting\SheetTaker;
use Rinkel\App\Log\PieceFinisher;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\OrderFiller;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\Ticks;

/**
 * The orders of the examples: a stall with six of them, in all states, due around today.
 */
final readonly class ExampleOrders
{
    public function __construct(
        private Orders $orders,
        private OrderFiller $filler,
        private Makings $makings,
        private Choosing $choosing,
        private SheetTaker $taker,
        private Ticks $ticks,
        private StockBox $stock,
        private Boards $boards,
        private Taps $taps,
        private PieceFinisher $finishing,
        private ClockInterface $clock,
    ) {}

    /**
     * @param array<mixed>               $rows as the file has them
     * @param array<string, StoredPiece> $laid by the name of their file
     */
    public function take(array $rows, array $laid): void
    {
        foreach ($rows as $row) {
            $row = \is_array($row) ? $row : [];
            $said = \is_array($row['order'] ?? null) ? $row['order'] : [];
            $days = \is_int($said['due'] ?? null) ? $said['due'] : 0;
            $order = $this->orders->ask(['due' => $this->clock->now()->modify($days.' days')->format('Y-m-d')] + $said);
            foreach (\is_array($row['things'] ?? null) ? $row['things'] : [] as $thing) {
                $thing = \is_array($thing) ? $thing : [];
                $piece = $laid[\is_string($thing['piece'] ?? null) ? $thing['piece'] : ''] ?? null;
                if (null !== $piece) {
                    $added = $this->filler->add(
                        $order,
                        $piece,
                        \is_int($thing['count'] ?? null) ? $thing['count'] : 1,
                        array_filter(array_intersect_key($thing, ['girth' => 0, 'for' => 0]), is_string(...)),
                    );
                    $this->bring($added, $thing);
                }
            }
            if (true === ($row['closed'] ?? false)) {
                $this->orders->close($order, true);
            }
        }
    }

    /**
     * @param list<StoredMaking> $makings
     * @param array<mixed>       $thing
     */
    private function bring(array $makings, array $thing): void
    {
        $to = MakingState::tryFrom(\is_string($thing['to'] ?? null) ? $thing['to'] : '') ?? MakingState::Planned;
        if (MakingState::Planned === $to) {
            return;
        }
        $this->cut($makings);
        $typed = \is_array($thing['typed'] ?? null) ? array_filter($thing['typed'], is_string(...)) : [];
        $typed = array_combine(array_map(strval(...), array_keys($typed)), $typed);
        foreach ($makings as $making) {
            $making = $this->makings->withUid($making->uid()) ?? $making;
            if (MakingState::OnBoard === $to) {
                $board = $this->boards->lay($making);
                $this->taps->one($board, \is_int($thing['moves'] ?? null) ? $thing['moves'] : 0);
            }
            if (!$to->isBefore(MakingState::Made)) {
                $faults = $this->finishing->finish($making, $typed);
                \assert([] === $faults);
                $this->makings->delivered($making, MakingState::Delivered === $to);
            }
        }
    }

    /**
     * Cuts all of them: from the stock what it gives, from elsewhere what it does not.
     *
     * @param list<StoredMaking> $makings
     */
    private function cut(array $makings): void
    {
        $chosen = $this->choosing->makings($makings);
        $cutting = $chosen->cutting($this->stock->cords($chosen->likenesses()));
        foreach ($cutting->sheets as [, , $sheet]) {
            foreach ($sheet->unserved as $demand) {
                $this->ticks->set(Ticks::elsewhere($demand), true);
            }
        }
        $needs = array_map(static fn ($need): string => $need->what->materialKey(), $chosen->needs());
        $this->taker->take($chosen, $cutting, $needs, true, $this->stock->mark());
    }
}
