<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Rinkel\App\Board\Boards;
use Rinkel\App\Board\KeptBoards;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\StockTurn;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Plan\Plan;

/**
 * Puts what is made back to where it was before, one state after the other: nothing is lost on the way, entries of the
 * log and boards lie in the bin, cords and beads in the box.
 */
final readonly class Reopener
{
    public function __construct(
        private Makings $makings,
        private MakingPlans $plans,
        private Boards $boards,
        private KeptBoards $keptBoards,
        private KeptLog $keptLog,
        private Bin $bin,
        private StockMovements $movements,
        private ExclusiveTransaction $alone,
    ) {}

    /**
     * @throws TakenMeanwhile  If what was left of its cords is not in the box any more
     * @throws PieceUnreadable If its plan cannot be read
     */
    public function back(StoredMaking $making, MakingState $to): void
    {
        $this->alone->run(function () use ($making, $to): void {
            if ($to->isBefore(MakingState::Delivered) && MakingState::Delivered === $making->state()) {
                $this->makings->delivered($making, false);
            }
            if ($to->isBefore(MakingState::Made) && MakingState::Made === $making->state()) {
                $this->unmade($making);
            }
            if ($to->isBefore(MakingState::OnBoard) && MakingState::OnBoard === $making->state()) {
                $this->offBoard($making);
            }
            if (MakingState::Planned === $to) {
                $this->put($making, $making->isCut(), true);
            }
        }, $making);
    }

    /**
     * Puts one cord that was cut for it into the box, as the offcut it is.
     *
     * @param string $cord "working 2"
     *
     * @throws PieceUnreadable If its plan cannot be read
     */
    public function cord(StoredMaking $making, string $cord): void
    {
        if ($making->state()->isBefore(MakingState::OnBoard) && \in_array($cord, $making->isCut(), true)) {
            $this->alone->run(fn () => $this->put($making, [$cord], false), $making);
        }
    }

    private function unmade(StoredMaking $making): void
    {
        foreach ($making->leftovers() as $taking) {
            $this->movements->undo($taking);
        }
        $entry = '' === $making->log() ? null : $this->keptLog->find($making->log());
        $making->make(null, '');
        if (null !== $entry) {
            $this->bin->put($this->keptLog, $entry);
        }
        $board = $this->boards->ofMaking($making);
        if (null !== $board) {
            $this->boards->finish($board, false);
        }
        $this->makings->keep($making);
    }

    private function offBoard(StoredMaking $making): void
    {
        $board = $this->boards->ofMaking($making);
        if (null !== $board) {
            $this->bin->put($this->keptBoards, $board);
        }
        $making->lay(null);
        [] === $making->cords() ? $this->makings->left($making, [], []) : $this->makings->keep($making);
    }

    /**
     * @param list<string> $cords
     */
    private function put(StoredMaking $making, array $cords, bool $withThings): void
    {
        $plan = $this->plans->plan($making);
        $back = [];
        foreach ($making->cords() as $one) {
            if (\in_array($one['cord'], $cords, true)) {
                $back[explode(' ', $one['cord'])[0]][] = Length::parse($one['length'], Unit::Millimetre);
            }
        }
        foreach ($plan->cuts as $cut) {
            $this->movements->bring($cut->cord, $back[$cut->role] ?? [], $making->name());
        }
        if ($withThings) {
            $this->putThings($making, $plan);
        }
        $this->makings->left(
            $making,
            array_values(array_filter(
                $making->cords(),
                static fn (array $one): bool => !\in_array($one['cord'], $cords, true),
            )),
            $withThings ? [] : $making->things(),
        );
    }

    private function putThings(StoredMaking $making, Plan $plan): void
    {
        $taken = array_column($making->things(), null, 'what');
        $back = [];
        foreach (Need::of([[$plan, 1]]) as $need) {
            if (isset($taken[$need->what->materialKey()])) {
                $back[] = [$need->what, $taken[$need->what->materialKey()]['count'], $need->letters];
            }
        }
        if ([] !== $back) {
            $this->movements->receive($back, $making->name(), turn: StockTurn::Returned);
        }
    }
}
