<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

/**
 * Fills pieces one after the other, each as full as it can be, and then some of them again as long as more goes in: a
 * good packing at once, where most often none is better.
 *
 * Each piece is a subset sum, by dynamic programming over what it can hold (R. Bellman, 1957, from memory); what can be
 * held is a string with a byte for each length, so that a cut is put on all of it by one shift. Deterministic: chance
 * is drawn from a generator of its own (D. Lehmer, 1951; the multiplier 48 271 of S. Park and K. Miller, from memory).
 *
 * @internal
 */
final class HeuristicPacking
{
    /** So many cuts are put to what a piece can hold (judgement: half a second). */
    private const WORK = 300_000;

    /** A piece is seen as so many grains, at most. */
    private const GRAINS = 20_000;

    /** So often in a row nothing better is found, until it is left at that. */
    private const TRIES = 1_500;

    private int $work = 0;
    private int $drawn = 20_241;
    private readonly int $grain;

    /** @var list<int> lengths in grains, rounded up */
    private readonly array $weights;

    /**
     * @param list<int> $lengths each once, the longest first
     * @param list<int> $wanted  how many of each
     * @param list<int> $rooms
     */
    private function __construct(
        private readonly array $lengths,
        private readonly array $wanted,
        private readonly array $rooms,
    ) {
        $this->grain = max(1, (int) ceil(max([0, ...$rooms]) / self::GRAINS));
        $this->weights = array_map(fn (int $length): int => max(1, (int) ceil($length / $this->grain)), $lengths);
    }

    /**
     * @param list<int> $lengths each once, the longest first
     * @param list<int> $wanted  how many of each
     * @param list<int> $rooms   of the pieces
     * @param int       $most    more than what no packing holds: with that it is done
     *
     * @return array{int, list<list<int>>} what the pieces hold, and of each piece how many of each length
     */
    public static function of(array $lengths, array $wanted, array $rooms, int $most): array
    {
        $filling = new self($lengths, $wanted, $rooms);
        $order = array_keys($rooms);
        $types = array_keys($lengths);
        $best = [-1, []];
        foreach ([$order, array_reverse($order)] as $pieces) {
            foreach ([$types, array_reverse($types)] as $first) {
                $filled = $filling->inOrder($wanted, $pieces, $first);
                $sum = array_sum(array_map($filling->sum(...), $filled));
                $best = $sum > $best[0] ? [$sum, $filled] : $best;
                if ($best[0] >= $most) {
                    return $best;
                }
            }
        }

        return $best;
    }

    /**
     * Returns a packing that holds more than $best, where one is found.
     *
     * @param list<int>                   $lengths each once, the longest first
     * @param list<int>                   $wanted  how many of each
     * @param list<int>                   $rooms   of the pieces
     * @param array{int, list<list<int>>} $best    what its pieces hold, and of each piece how many of each length
     * @param int                         $most    more than what no packing holds: with that it is done
     *
     * @return array{int, list<list<int>>}
     */
    public static function improved(array $lengths, array $wanted, array $rooms, array $best, int $most): array
    {
        return (new self($lengths, $wanted, $rooms))->better($best, $most);
    }

    /**
     * Returns what each piece alone could hold at most, if all cuts were for it.
     *
     * @param list<int> $lengths each once, the longest first
     * @param list<int> $wanted  how many of each
     * @param list<int> $rooms   of the pieces
     *
     * @return list<int>
     */
    public static function alone(array $lengths, array $wanted, array $rooms): array
    {
        $filling = new self($lengths, $wanted, $rooms);
        if ($filling->grain > 1) {
            return $rooms;
        }
        $held = $filling->held($wanted, max([0, ...$rooms]), array_keys($lengths), true);
        $last = $held[\count($held) - 1][0];

        return array_map(static fn (int $room): int => (int) strrpos(substr($last, 0, $room + 1), "\1"), $rooms);
    }

    /**
     * Empties some pieces, one that is not full among them, and fills them again in any order, as long as that gets
     * better.
     *
     * @param array{int, list<list<int>>} $best
     *
     * @return array{int, list<list<int>>}
     */
    private function better(array $best, int $most): array
    {
        [$sum, $filled] = $best;
        $sums = array_map($this->sum(...), $filled);
        $left = $this->wanted;
        foreach ($filled as $one) {
            $left = self::less($left, $one);
        }
        $count = \count($this->rooms);
        for ($since = 0; $since < self::TRIES && $this->work < self::WORK && $count > 1; ++$since) {
            $open = array_keys(
                array_filter($sums, fn (int $one, int $i): bool => $one < $this->rooms[$i], \ARRAY_FILTER_USE_BOTH),
            );
            if ([] === $open) {
                break;
            }
            $pieces = $this->some($open);
            [$after, $pool] = $this->refilled($filled, $pieces, $left);
            $gain = array_sum(array_map($this->sum(...), $after)) - array_sum(array_intersect_key($sums, $after));
            if ($gain < 0) {
                continue;
            }
            // What is as good is taken, too: from there other ways are open.
            $filled = array_replace($filled, $after);
            $sums = array_replace($sums, array_map($this->sum(...), $after));
            [$left, $sum] = [$pool, $sum + $gain];
            $since = $gain > 0 ? 0 : $since;
            if ($sum > $best[0]) {
                $best = [$sum, array_values($filled)];
                if ($sum >= $most) {
                    break;
                }
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<int> $open pieces that are not full
     *
     * @return list<int> some pieces, one of those among them, in any order
     */
    private function some(array $open): array
    {
        $some = [$open[$this->draw(\count($open))] => true];
        for ($more = 1 + $this->draw(3); $more > 0; --$more) {
            $some[$this->draw(\count($this->rooms))] = true;
        }

        return $this->shuffled(array_keys($some));
    }

    /**
     * @param array<int, list<int>> $filled
     * @param list<int>             $pieces that are emptied and filled again
     * @param list<int>             $left
     *
     * @return array{array<int, list<int>>, list<int>} how they are filled then, and what is left
     */
    private function refilled(array $filled, array $pieces, array $left): array
    {
        foreach ($pieces as $piece) {
            $left = array_map(static fn (int $one, int $two): int => $one + $two, $left, $filled[$piece]);
        }
        $types = $this->shuffled(array_keys($this->lengths));
        $after = [];
        foreach ($pieces as $piece) {
            $after[$piece] = $this->full($left, $this->rooms[$piece], $types);
            $left = self::less($left, $after[$piece]);
        }

        return [$after, $left];
    }

    /**
     * @param list<int> $wanted
     * @param list<int> $pieces in which order they are filled
     * @param list<int> $types  which lengths are taken first
     *
     * @return list<list<int>> of each piece, how many of each length
     */
    private function inOrder(array $wanted, array $pieces, array $types): array
    {
        $filled = array_fill(0, \count($this->rooms), array_fill(0, \count($wanted), 0));
        foreach ($pieces as $piece) {
            $filled[$piece] = $this->full($wanted, $this->rooms[$piece], $types);
            $wanted = self::less($wanted, $filled[$piece]);
        }

        return array_values($filled);
    }

    /**
     * Fills one piece as full as it can be; of ways that are as full the one is taken that uses the first lengths.
     *
     * @param list<int> $left  how many of each length
     * @param list<int> $types
     *
     * @return list<int> how many of each length
     */
    private function full(array $left, int $room, array $types): array
    {
        $held = $this->held($left, intdiv($room, $this->grain), $types);
        $filled = array_fill(0, \count($left), 0);
        $at = (int) strrpos($held[\count($held) - 1][0], "\1");
        for ($i = \count($held) - 1; $i > 0 && $at > 0; --$i) {
            // What could be held without this cut is held without it.
            if ("\1" !== $held[$i - 1][0][$at]) {
                ++$filled[$held[$i][1]];
                $at -= $this->weights[$held[$i][1]];
            }
        }

        return array_values($filled);
    }

    /**
     * Returns what a piece can hold after each cut that is put to what it could hold before, until it can be full.
     *
     * @param list<int> $left    how many of each length
     * @param list<int> $types
     * @param bool      $isWhole whether to go on when it can be full
     *
     * @return non-empty-list<array{string, int}> a byte for each length, 1 where it can be held, and which cut was put
     */
    private function held(array $left, int $most, array $types, bool $isWhole = false): array
    {
        $reach = "\1".str_repeat("\0", $most);
        $held = [[$reach, -1]];
        foreach ($types as $type) {
            $weight = $this->weights[$type];
            for ($count = min($left[$type], intdiv($most, $weight)); $count > 0; --$count) {
                $reach |= str_repeat("\0", $weight).substr($reach, 0, $most + 1 - $weight);
                $held[] = [$reach, $type];
                ++$this->work;
                if (!$isWhole && "\1" === $reach[$most]) {
                    return $held;
                }
            }
        }

        return $held;
    }

    /**
     * @param list<int> $filled
     */
    private function sum(array $filled): int
    {
        $sum = 0;
        foreach ($filled as $type => $count) {
            $sum += $count * $this->lengths[$type];
        }

        return $sum;
    }

    /**
     * Returns a number from zero to less than $of.
     */
    private function draw(int $of): int
    {
        $this->drawn = $this->drawn * 48_271 % 2_147_483_647;

        return $this->drawn % $of;
    }

    /**
     * @param list<int> $all
     *
     * @return list<int>
     */
    private function shuffled(array $all): array
    {
        for ($i = \count($all) - 1; $i > 0; --$i) {
            $other = $this->draw($i + 1);
            [$all[$i], $all[$other]] = [$all[$other], $all[$i]];
        }

        return array_values($all);
    }

    /**
     * @param list<int> $all
     * @param list<int> $some
     *
     * @return list<int>
     */
    private static function less(array $all, array $some): array
    {
        return array_map(static fn (int $one, int $other): int => $one - $other, $all, $some);
    }
}
