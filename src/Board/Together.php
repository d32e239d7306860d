<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Sizing\Series;

/**
 * The boards of one order: what is done to one piece is done to all of them before the next.
 */
final readonly class Together
{
    public function __construct(
        private Boards $boards,
        private Makings $makings,
        private Paces $paces,
    ) {}

    /**
     * Returns whose turn it is; null where nothing of the order is on a board, or all there is made.
     */
    public function next(StoredOrder $order): ?StoredBoard
    {
        [$boards, $plans] = $this->onBoards($order);
        $next = self::series($plans, $this->paces)->next(self::places($boards, $plans));

        return null === $next ? null : $boards[$next];
    }

    /**
     * Returns what a board shows of the others; null where there are none.
     */
    public function around(StoredBoard $board): ?OnBoards
    {
        $order = $board->making()->order();
        [$boards, $plans] = null === $order ? [[], []] : $this->onBoards($order);
        $here = array_search($board, $boards, true);

        return false === $here || \count($boards) < 2
            ? null
            : OnBoards::of(self::series($plans, $this->paces), $boards, $plans, self::places($boards, $plans), $here);
    }

    /**
     * @return array{list<StoredBoard>, list<Plan>} in the order in which they were asked for
     */
    private function onBoards(StoredOrder $order): array
    {
        $ids = array_map(static fn (StoredMaking $making): int => $making->id(), $this->makings->ofOrder($order));
        $found = [] === $ids ? [] : $this->boards->inUse($ids);
        usort(
            $found,
            static fn (StoredBoard $one, StoredBoard $other): int => $one->making()->id() <=> $other->making()->id(),
        );
        [$boards, $plans, $known] = [[], [], []];
        foreach ($found as $board) {
            try {
                $plans[] = $known[MakingPlans::alike($board->making())] ??= $this->boards->plan($board);
                $boards[] = $board;
            } catch (PieceUnreadable) {
                // Its own page says what is wrong with it.
            }
        }

        return [$boards, $plans];
    }

    /**
     * @param list<Plan> $plans
     */
    private static function series(array $plans, Paces $paces): Series
    {
        return Series::of(array_map(static fn (Plan $plan): array => [$plan, 1], $plans), $paces->pace());
    }

    /**
     * @param list<StoredBoard> $boards
     * @param list<Plan>        $plans
     *
     * @return array<int, int> the place of the act in hand at each; after the last where all is made
     */
    private static function places(array $boards, array $plans): array
    {
        return array_map(static function (StoredBoard $board, Plan $plan): int {
            $acts = $plan->acts();

            return $board->moves() >= $acts->moves ? \count($acts->all) : $acts->at($board->moves())[0];
        }, $boards, $plans);
    }
}
