<?php

declare(strict_types=1);

namespace Rinkel\App\Cutting;

use Psr\Clock\ClockInterface;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\StoredTaking;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\App\Stock\Ticks;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Stock\Supply;

/**
 * Takes a cut sheet off the stock: what was cut becomes a fact of the thing that it was cut for.
 *
 * @phpstan-import-type MadeOf from StoredMaking
 */
final readonly class SheetTaker
{
    public function __construct(
        private StockMovements $movements,
        private Makings $makings,
        private Pieces $pieces,
        private Ticks $ticks,
        private ExclusiveTransaction $alone,
        private ClockInterface $clock,
    ) {}

    /**
     * @param list<string> $needs keys of the beads and findings that are taken out of the box
     * @param bool         $all   whether all that the stock gives is cut; only what is ticked when false
     * @param string       $mark  of the stock that the sheet was made for
     *
     * @return list<StoredMaking> for which something was cut
     *
     * @throws TakenMeanwhile  If the stock is another by now
     * @throws PieceUnreadable If what is cut cannot be planned any more
     */
    public function take(ChosenPieces $chosen, Cutting $cutting, array $needs, bool $all, string $mark): array
    {
        return $this->alone->run(function () use ($chosen, $cutting, $needs, $all, $mark): array {
            $ticked = $this->ticks->made($cutting);
            $isCut = static fn (Demand $demand, Length $length, Supply $supply): bool => $all
                || isset($ticked[Ticks::of($demand, $length, $supply)]);
            $taken = array_values(array_filter(
                $chosen->needs(),
                static fn (Need $need): bool => \in_array($need->what->materialKey(), $needs, true),
            ));
            $cut = self::cut($cutting, $isCut, $ticked);
            if ([] === $cut) {
                return [];
            }
            $taking = $this->movements->take($cutting, $taken, $mark, $chosen->names(), $isCut);
            $makings = [];
            foreach ($chosen->named() as $name => [$piece, $plan, $making]) {
                if (isset($cut[$name])) {
                    // Read again: what was there before others were let in may be another by now.
                    $making = $this->makings->find(true === $making?->isKept() ? $making->id() : 0)
                        ?? $this->makings->plan($this->pieces->find($piece->id()) ?? throw new TakenMeanwhile());
                    $this->noted($making, $plan, $cut[$name], $taking, $taken);
                    $makings[] = $making;
                }
            }
            $this->ticks->clear($cutting);

            return $makings;
        });
    }

    /**
     * Takes an act of the stock back, and what was cut by it: for things whose board has begun that is too late.
     *
     * @throws TakenMeanwhile If what it left is not there any more, or was worked on
     */
    public function back(StoredTaking $taking): void
    {
        $this->alone->run(function () use ($taking): void {
            $makings = $this->makings->cutBy($taking->uid);
            foreach ($makings as $making) {
                if (!$making->state()->isBefore(MakingState::OnBoard)) {
                    throw new TakenMeanwhile();
                }
            }
            $this->movements->undo($taking->uid);
            foreach ($makings as $making) {
                $this->makings->uncut($making, $taking->uid);
            }
        });
    }

    /**
     * @param callable(Demand, Length, Supply): bool $isCut
     * @param array<string, true>                    $ticked
     *
     * @return array<string, list<array{Demand, Length, string}>> by what it is for: which cord, how long, of which
     *                                                            thing in stock; "" of cord that is not in stock
     */
    private static function cut(Cutting $cutting, callable $isCut, array $ticked): array
    {
        $cut = [];
        foreach ($cutting->sheets as [, $stock, $sheet]) {
            foreach ($sheet->taken as $from) {
                foreach ($from->cuts as [$demand, $length]) {
                    if ($isCut($demand, $length, $from->supply)) {
                        $cut[$demand->piece][] = [$demand, $length, $stock->id ?? ''];
                    }
                }
            }
            foreach ($sheet->unserved as $demand) {
                if (isset($ticked[Ticks::elsewhere($demand)])) {
                    $cut[$demand->piece][] = [$demand, $demand->wished, ''];
                }
            }
        }

        return $cut;
    }

    /**
     * @param list<array{Demand, Length, string}> $cut
     * @param list<Need>                          $taken
     */
    private function noted(StoredMaking $making, Plan $plan, array $cut, StoredTaking $taking, array $taken): void
    {
        $this->makings->freeze($making);
        $cords = $making->cords();
        foreach ($cut as [$demand, $length, $item]) {
            $cords[] = [
                'cord' => ($demand->cut->role ?? '').' '.$demand->number,
                'length' => (string) $length,
                'item' => $item,
                'taking' => $taking->uid,
            ];
        }
        $all = array_sum(array_map(static fn (Cut $one): int => $one->count, $plan->cuts));
        $making->cut($cords, \count($cords) >= $all ? $this->clock->now() : null);
        if ([] === $making->things()) {
            $own = Need::of([[$plan, 1]]);
            $keys = array_map(static fn (Need $need): string => $need->what->materialKey(), $taken);
            $making->take(array_values(array_map(static fn (Need $need): array => [
                'what' => $need->what->materialKey(),
                'count' => $need->count,
                'taking' => $taking->uid,
            ], array_filter($own, static fn (Need $one): bool => \in_array($one->what->materialKey(), $keys, true)))));
        }
        $this->makings->keep($making);
    }
}
