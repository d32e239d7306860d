<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

/**
 * A day at the bench: several pieces, each a chain of work and waiting, one pair of hands; a stretch of work is not
 * interrupted, waits run beside each other. The order in which all is done earliest, waits included.
 *
 * Branch and bound over which piece is worked on next. From below it is bounded by letting the hands interrupt what
 * they do (J. Jackson's rule with heads and tails, by J. Carlier, "The one-machine sequencing problem", 1982, from
 * memory). Of two ways to the same stretches done, one that is nowhere later stands for both.
 *
 * A stretch may be pinned to a minute: it is not begun before, other work keeps out of its time, and what comes after
 * that time waits until it is done.
 *
 * @internal
 */
final class Day
{
    /** So many choices are looked at; beyond them the best found is given, with what is proven (judgement). */
    private const MOST = 60_000;

    /** @var list<int> pieces by turns, the best found */
    private array $best = [];
    private int $end = \PHP_INT_MAX;
    private int $looked = 0;

    /** @var array<string, list<array{int, list<int>}>> what was reached with the same stretches done */
    private array $seen = [];

    /** @var list<list<int>> of each piece, what is left from each stretch on, waits included */
    private array $tails = [];

    /**
     * @param list<list<array{int, int}>> $chains of each piece: minutes of hands, and of waiting after them
     * @param array<int, array<int, int>> $pins   from which minute, by piece and stretch
     */
    private function __construct(
        private readonly array $chains,
        private readonly array $pins,
    ) {
        foreach ($chains as $chain) {
            $tails = [0];
            foreach (array_reverse($chain) as [$hands, $wait]) {
                array_unshift($tails, $tails[0] + $hands + $wait);
            }
            $this->tails[] = $tails;
        }
    }

    /**
     * @param list<list<array{int, int}>> $chains minutes of hands and of waiting after them, none less than zero
     * @param array<int, array<int, int>> $pins   from which minute a stretch is to begin, by piece and stretch
     */
    public static function of(array $chains, array $pins = []): Order
    {
        $day = new self($chains, $pins);
        $none = array_fill(0, \count($chains), 0);
        $least = $day->bound($none, $none, 0);
        $day->greedily();
        $day->search($none, $none, 0, []);
        $day->fill();

        return $day->ordered($day->looked > self::MOST ? $least : $day->end);
    }

    /**
     * Takes, of the pieces that do not wait, always that with most left to come.
     */
    private function greedily(): void
    {
        $next = $free = array_fill(0, \count($this->chains), 0);
        [$time, $turns] = [0, []];
        while ([] !== $left = $this->soonest($next, $free, $time)) {
            [$time, $next, $free] = $this->worked($left[0], $next, $free, $time);
            $turns[] = $left[0];
        }
        $this->found($turns, $free, $time);
    }

    /**
     * @param list<int> $next  stretch of each piece
     * @param list<int> $free  when each has waited
     * @param list<int> $turns
     */
    private function search(array $next, array $free, int $time, array $turns): void
    {
        if (++$this->looked > self::MOST || $this->bound($next, $free, $time) >= $this->end) {
            return;
        }
        $left = $this->soonest($next, $free, $time);
        if ([] === $left) {
            $this->found($turns, $free, $time);

            return;
        }
        if ($this->isLater($next, $free, $time)) {
            return;
        }
        foreach ($left as $piece) {
            [$then, $after, $waited] = $this->worked($piece, $next, $free, $time);
            $this->search($after, $waited, $then, [...$turns, $piece]);
        }
    }

    /**
     * @param list<int> $next
     * @param list<int> $free
     *
     * @return array{int, list<int>, list<int>} the time after it, and both lists
     */
    private function worked(int $piece, array $next, array $free, int $time): array
    {
        [$hands, $wait] = $this->chains[$piece][$next[$piece] ?? 0] ?? [0, 0];
        $time = $this->start($piece, $next, $free, $time) + $hands;
        $next = array_replace($next, [$piece => ($next[$piece] ?? 0) + 1]);
        $free = array_replace($free, [$piece => $time + $wait]);

        return [$time, array_values($next), array_values($free)];
    }

    /**
     * Returns when the next stretch of a piece can begin: at its pin, and out of the time of other pins.
     *
     * @param list<int> $next
     * @param list<int> $free
     */
    private function start(int $piece, array $next, array $free, int $time): int
    {
        $number = $next[$piece] ?? 0;
        $hands = $this->chains[$piece][$number][0] ?? 0;
        $start = max($time, $free[$piece] ?? 0, $this->pins[$piece][$number] ?? 0);
        do {
            $before = $start;
            foreach ($this->held($piece, $next) as [$from, $until]) {
                if ($start < $until && $start + $hands > $from) {
                    $start = $until;
                }
            }
        } while ($start > $before);

        return $start;
    }

    /**
     * Returns the times that other pieces' pins keep free; of two pins in each other's way the first does.
     *
     * @param list<int> $next
     *
     * @return list<array{int, int}>
     */
    private function held(int $piece, array $next): array
    {
        $held = [];
        $mine = $this->pins[$piece][$next[$piece] ?? 0] ?? \PHP_INT_MAX;
        foreach ($this->pins as $other => $pins) {
            foreach ($other === $piece ? [] : $pins as $number => $from) {
                $isFirst = [$from, $other] < [$mine, $piece];
                if ($isFirst && $number >= ($next[$other] ?? 0) && isset($this->chains[$other][$number])) {
                    $held[] = [$from, $from + $this->chains[$other][$number][0]];
                }
            }
        }

        return $held;
    }

    /**
     * Returns whether a pinned stretch of another piece has its turn before this one: it would come after its time.
     *
     * @param list<int> $next
     * @param list<int> $free
     */
    private function yields(int $piece, array $next, array $free, int $time): bool
    {
        $mine = $this->pins[$piece][$next[$piece] ?? 0] ?? \PHP_INT_MAX;
        $start = [] === $this->pins ? 0 : $this->start($piece, $next, $free, $time);
        foreach ($this->pins as $other => $pins) {
            $number = $next[$other] ?? 0;
            $pin = isset($this->chains[$other][$number]) ? $pins[$number] ?? null : null;
            if (null !== $pin && $other !== $piece && [$pin, $other] < [$mine, $piece]
                && $start >= $pin + ($this->chains[$other][$number][0] ?? 0)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Has hands idle as late as may be: a stretch is put before others where all still ends as early, and sooner
     * begins.
     */
    private function fill(): void
    {
        $sum = $this->begins($this->best);
        for ($i = 1, $last = \count($this->best); $i < $last; ++$i) {
            for ($to = 0; $to < $i; ++$to) {
                $turns = $this->best;
                array_splice($turns, $to, 0, array_splice($turns, $i, 1));
                $begins = $this->begins($turns);
                if (null !== $begins && $begins < $sum) {
                    [$this->best, $sum] = [$turns, $begins];
                    break;
                }
            }
        }
    }

    /**
     * Returns the sum of the minutes at which stretches begin in an order; null for one that ends later than the best
     * or does not keep the pins.
     *
     * @param list<int> $turns
     */
    private function begins(array $turns): ?int
    {
        $next = $free = array_fill(0, \count($this->chains), 0);
        [$time, $sum] = [0, 0];
        foreach ($turns as $piece) {
            if ($this->yields($piece, $next, $free, $time)) {
                return null;
            }
            $sum += $this->start($piece, $next, $free, $time);
            [$time, $next, $free] = $this->worked($piece, $next, $free, $time);
        }

        return max([$time, ...$free]) > $this->end ? null : $sum;
    }

    /**
     * Returns the best order found.
     */
    private function ordered(int $least): Order
    {
        $next = $free = array_fill(0, \count($this->chains), 0);
        [$time, $stretches] = [0, []];
        foreach ($this->best as $piece) {
            $from = $this->start($piece, $next, $free, $time);
            $number = $next[$piece] ?? 0;
            [$time, $next, $free] = $this->worked($piece, $next, $free, $time);
            $stretches[] = new DayStretch($piece, $number, $from, $time, $free[$piece] ?? $time);
        }

        return Order::from($stretches, $least);
    }

    /**
     * @param list<int> $turns
     * @param list<int> $free
     */
    private function found(array $turns, array $free, int $time): void
    {
        $end = max([$time, ...$free]);
        if ($end < $this->end) {
            [$this->end, $this->best] = [$end, $turns];
        }
    }

    /**
     * @param list<int> $next
     * @param list<int> $free
     *
     * @return list<int> pieces of which something is left and whose turn it can be, that first which can begin first
     */
    private function soonest(array $next, array $free, int $time): array
    {
        $left = array_values(array_filter(
            array_keys($this->chains),
            fn (int $piece): bool => ($next[$piece] ?? 0) < \count($this->chains[$piece])
                && !$this->yields($piece, $next, $free, $time),
        ));
        usort($left, fn (int $a, int $b): int => [max($time, $free[$a]), -$this->tails[$a][$next[$a]], $a]
            <=> [max($time, $free[$b]), -$this->tails[$b][$next[$b]], $b]);

        return $left;
    }

    /**
     * Returns whether the same was done before, nowhere later; keeps it when it was not.
     *
     * @param list<int> $next
     * @param list<int> $free
     */
    private function isLater(array $next, array $free, int $time): bool
    {
        $key = implode(',', $next);
        $now = array_map(static fn (int $one): int => max($one, $time), $free);
        foreach ($this->seen[$key] ?? [] as [$then, $others]) {
            $isLater = $then <= $time;
            foreach ($isLater ? $others : [] as $i => $other) {
                $isLater = $isLater && $other <= ($now[$i] ?? 0);
            }
            if ($isLater) {
                return true;
            }
        }
        $this->seen[$key][] = [$time, $now];

        return false;
    }

    /**
     * Returns before when all cannot be done: as if hands could leave a stretch and come back to it.
     *
     * @param list<int> $next
     * @param list<int> $free
     */
    private function bound(array $next, array $free, int $time): int
    {
        $work = [];
        $end = max([$time, ...$free]);
        foreach ($this->chains as $piece => $chain) {
            $head = max($time, $free[$piece] ?? 0);
            for ($i = $next[$piece] ?? 0, $last = \count($chain); $i < $last; ++$i) {
                [$hands, $wait] = $chain[$i] ?? [0, 0];
                $head = max($head, $this->pins[$piece][$i] ?? 0);
                $work[] = [$head, $hands, $wait + ($this->tails[$piece][$i + 1] ?? 0)];
                $head += $hands + $wait;
            }
        }

        return max($end, self::interrupted($work));
    }

    /**
     * Returns when all is done if hands always are on what has come and has most after it.
     *
     * @param list<array{int, int, int}> $work when it comes, how long it is, what comes after it
     */
    private static function interrupted(array $work): int
    {
        sort($work);
        [$end, $time, $at, $open] = [0, 0, 0, []];
        $count = \count($work);
        while ($at < $count || [] !== $open) {
            if ([] === $open) {
                $time = max($time, $work[$at][0] ?? 0);
            }
            while ($at < $count && ($work[$at][0] ?? 0) <= $time) {
                [, $hands, $after] = $work[$at] ?? [0, 0, 0];
                $open[$after] = ($open[$after] ?? 0) + $hands;
                ++$at;
            }
            $most = (int) max([0, ...array_keys($open)]);
            $until = $at < $count ? ($work[$at][0] ?? 0) - $time : \PHP_INT_MAX;
            $some = min($open[$most], $until);
            $time += $some;
            $open[$most] -= $some;
            if ($open[$most] <= 0) {
                unset($open[$most]);
                $end = max($end, $time + $most);
            }
        }

        return $end;
    }
}
