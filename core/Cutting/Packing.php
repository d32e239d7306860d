<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

/**
 * Which lengths are cut from which pieces, so that as much as can be is cut from them (the subset sum problem over
 * several pieces).
 *
 * Branch and bound, piece by piece. A piece is filled until nothing that is left fits into it: whatever could lie there
 * as well is never missed elsewhere. From above it is bounded by a price for each length (Lagrange multipliers, moved
 * by the subgradient; M. Held, P. Wolfe, H. Crowder, 1974, from memory): what is left at its price, and each piece
 * filled with what is worth more than its price. Deterministic.
 *
 * @internal
 */
final class Packing
{
    /** So many steps of filling are made; beyond them the best found is given, with what is proven (judgement). */
    private const MOST = 250_000;

    /** Of one piece; more ways to fill it are not looked at. */
    private const WAYS = 2_000;

    private const ROUNDS = 60;

    /** A piece is seen as so many grains, at most, where it is priced. */
    private const GRAINS = 1_000;

    /** @var list<int> lengths, each once, the longest first */
    private array $lengths = [];

    /** @var list<int> how many are wanted of each */
    private array $wanted = [];

    /** @var array<int, float> price of each length */
    private array $prices = [];

    /** @var list<float> what the pieces from each on hold beyond prices */
    private array $beyond = [];

    /** @var list<list<int>> of each piece, how many of each length: the best found */
    private array $best = [];
    private int $packed = -1;
    private int $looked = 0;
    private bool $isWhole = true;

    /** @var array<string, int> most that was packed before, by what is left at a piece */
    private array $seen = [];

    /**
     * @param list<int> $rooms of the pieces, in the order in which they are filled
     */
    private function __construct(private readonly array $rooms) {}

    /**
     * @param list<int> $cuts   lengths to cut, above zero
     * @param list<int> $pieces to cut them from
     *
     * @return array{list<list<int>>, int, int} lengths by piece, what they sum up to, and more than what no way gives
     */
    public static function of(array $cuts, array $pieces): array
    {
        $unit = self::unit($cuts);
        $order = array_keys($pieces);
        usort($order, static fn (int $a, int $b): int => [$pieces[$a], $a] <=> [$pieces[$b], $b]);
        $packing = new self(array_map(static fn (int $i): int => intdiv($pieces[$i], max(1, $unit)), $order));
        $counts = array_count_values($cuts);
        krsort($counts);
        $packing->lengths = array_map(
            static fn (int $length): int => intdiv($length, max(1, $unit)),
            array_keys($counts),
        );
        $packing->wanted = array_values($counts);
        $most = $packing->solve();
        $filled = array_fill(0, \count($pieces), []);
        foreach ($packing->best as $i => $filling) {
            foreach ($filling as $type => $count) {
                array_push($filled[$order[$i]], ...array_fill(0, $count, $packing->lengths[$type] * $unit));
            }
        }
        $packed = max(0, $packing->packed);

        return [$filled, $packed * $unit, ($packing->isWhole ? $packed : max($packed, $most)) * $unit];
    }

    /**
     * Finds how most is packed.
     *
     * @return int more than what no way gives
     */
    private function solve(): int
    {
        // What each piece alone could hold at most; it is dear to know better, and seldom needed.
        $most = $this->alone();
        [$this->packed, $this->best] = HeuristicPacking::of($this->lengths, $this->wanted, $this->rooms, $most);
        if ($this->packed < $most) {
            $this->price();
            $most = min($most, $this->bound(0, $this->wanted));
        }
        if ($this->packed < $most) {
            $this->search(0, $this->wanted, [], 0);
        }
        if (!$this->isWhole && $this->packed < $most) {
            [$this->packed, $this->best] = HeuristicPacking::improved(
                $this->lengths,
                $this->wanted,
                $this->rooms,
                [$this->packed, $this->filledUp()],
                $most,
            );
        }

        return $most;
    }

    /**
     * Returns the largest length of which all cuts are whole multiples.
     *
     * @param list<int> $cuts
     */
    private static function unit(array $cuts): int
    {
        $unit = 0;
        foreach ($cuts as $cut) {
            [$unit, $rest] = [$cut, $unit];
            while (0 !== $rest) {
                [$unit, $rest] = [$rest, $unit % $rest];
            }
        }

        return $unit;
    }

    /**
     * Returns the best found with every piece in it, those also that hold nothing.
     *
     * @return list<list<int>>
     */
    private function filledUp(): array
    {
        $none = array_fill(0, \count($this->lengths), 0);

        return array_map(
            fn (int $piece): array => array_replace($none, $this->best[$piece] ?? []),
            array_keys($this->rooms),
        );
    }

    /**
     * Returns more than what the pieces hold: each as full as it could be if all cuts were for it alone.
     */
    private function alone(): int
    {
        $all = 0;
        foreach ($this->wanted as $type => $count) {
            $all += $count * $this->lengths[$type];
        }

        return min($all, array_sum(HeuristicPacking::alone($this->lengths, $this->wanted, $this->rooms)));
    }

    /**
     * @param array<int, int> $left of each length
     * @param list<list<int>> $made fillings of the pieces before
     */
    private function search(int $piece, array $left, array $made, int $packed): void
    {
        if ($packed > $this->packed) {
            [$this->packed, $this->best] = [$packed, $made];
        }
        if ($piece === \count($this->rooms)) {
            return;
        }
        $key = $piece.' '.implode(',', $left);
        if (($this->seen[$key] ?? -1) >= $packed) {
            return;
        }
        $this->seen[$key] = $packed;
        $ways = [];
        foreach ($this->fillings($left, $this->rooms[$piece]) as [$sum, $filling]) {
            $after = $left;
            foreach ($filling as $type => $count) {
                $after[$type] = ($after[$type] ?? 0) - $count;
            }
            $bound = $packed + $sum + $this->bound($piece + 1, $after);
            if ($bound > $this->packed) {
                $ways[] = [$bound, $sum, $filling, $after];
            }
        }
        usort($ways, static fn (array $a, array $b): int => [$b[0], $b[1], $b[2]] <=> [$a[0], $a[1], $a[2]]);
        foreach ($ways as [$bound, $sum, $filling, $after]) {
            if ($bound <= $this->packed) {
                return;
            }
            if ($this->looked > self::MOST) {
                $this->isWhole = false;

                return;
            }
            $this->search($piece + 1, $after, [...$made, $filling], $packed + $sum);
        }
    }

    /**
     * Returns every way to fill a piece so that nothing that is left fits into it as well.
     *
     * @param array<int, int> $left of each length
     *
     * @return list<array{int, list<int>}> what it holds, and how many of each length
     */
    private function fillings(array $left, int $room): array
    {
        $fillings = [];
        $this->fill($left, $room, 0, [], \PHP_INT_MAX, $room, $fillings);

        return $fillings;
    }

    /**
     * @param array<int, int>             $left     of each length
     * @param list<int>                   $taken
     * @param int                         $least    of the lengths of which some stay
     * @param list<array{int, list<int>}> $fillings
     */
    private function fill(array $left, int $room, int $type, array $taken, int $least, int $all, array &$fillings): void
    {
        if (++$this->looked > self::MOST || \count($fillings) >= self::WAYS) {
            $this->isWhole = false;

            return;
        }
        if ($type === \count($left)) {
            if ($room < $least) {
                $fillings[] = [$all - $room, $taken];
            }

            return;
        }
        $length = $this->lengths[$type];
        $most = min($left[$type], intdiv($room, $length));
        for ($count = $most; $count >= 0; --$count) {
            $this->fill(
                $left,
                $room - $count * $length,
                $type + 1,
                [...$taken, $count],
                $count < $left[$type] ? min($least, $length) : $least,
                $all,
                $fillings,
            );
        }
    }

    /**
     * Returns more than what no way cuts from the pieces from $piece on.
     *
     * @param array<int, int> $left of each length
     */
    private function bound(int $piece, array $left): int
    {
        [$all, $priced] = [0, $this->beyond[$piece] ?? 0.0];
        foreach ($left as $type => $count) {
            $all += $count * $this->lengths[$type];
            $priced += $count * $this->prices[$type];
        }

        return min($all, (int) floor($priced + 1e-6));
    }

    /**
     * Finds the prices by which the bound is least.
     */
    private function price(): void
    {
        $prices = array_fill(0, \count($this->lengths), 0.0);
        [$lowest, $step] = [\INF, 1.0];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            [$worth, $uses] = $this->worths($prices);
            $sum = array_sum($worth);
            $off = [];
            foreach ($this->wanted as $type => $count) {
                $sum += $prices[$type] * $count;
                $off[$type] = $uses[$type] - $count;
            }
            if ($sum < $lowest - 1e-9) {
                $lowest = $sum;
                $this->prices = $prices;
                $beyond = [0.0];
                foreach (array_reverse($worth) as $one) {
                    array_unshift($beyond, $beyond[0] + $one);
                }
                $this->beyond = $beyond;
                if (floor($sum + 1e-6) <= $this->packed) {
                    return; // what was found is all that goes in
                }
            } else {
                $step *= 0.9;
            }
            $size = array_sum(array_map(static fn (int $one): int => $one ** 2, $off));
            if (0 === $size) {
                return;
            }
            $move = $step * max(1.0, 0.05 * $sum) / $size;
            foreach ($off as $type => $one) {
                $prices[$type] = min((float) $this->lengths[$type], max(0.0, $prices[$type] + $move * $one));
            }
        }
    }

    private function grain(): int
    {
        return max(1, (int) ceil(max([0, ...$this->rooms]) / self::GRAINS));
    }

    /**
     * Returns what each piece holds beyond prices, each as if it were alone, and how many of each length they take so.
     *
     * @param array<int, float> $prices
     *
     * @return array{list<float>, array<int, int>}
     */
    private function worths(array $prices): array
    {
        // By grains, cuts rounded down and pieces up, so that it is never less than what they hold.
        $grain = $this->grain();
        $room = (int) ceil(max([0, ...$this->rooms]) / $grain);
        $best = array_fill(0, $room + 1, 0.0);
        $chosen = [];
        foreach ($this->lengths as $type => $length) {
            $value = $length - $prices[$type];
            $weight = intdiv($length, $grain);
            $chosen[$type] = [];
            if ($value <= 0.0) {
                continue;
            }
            // With so many of a length: each is put on the one before, as often as there are and fit.
            $before = $best;
            $most = 0 === $weight ? $this->wanted[$type] : min($this->wanted[$type], intdiv($room, $weight));
            for ($count = 1; $count <= $most; ++$count) {
                [$shift, $gain] = [$count * $weight, $count * $value];
                for ($at = $shift; $at <= $room; ++$at) {
                    if ($before[$at - $shift] + $gain > $best[$at] + 1e-9) {
                        $best[$at] = $before[$at - $shift] + $gain;
                        $chosen[$type][$at] = $count;
                    }
                }
            }
        }

        return $this->held($best, $chosen, $grain);
    }

    /**
     * @param array<int, float>           $best   worth by room, in grains
     * @param array<int, array<int, int>> $chosen how many of each length, by room
     *
     * @return array{list<float>, array<int, int>}
     */
    private function held(array $best, array $chosen, int $grain): array
    {
        [$worth, $uses] = [[], array_fill(0, \count($this->lengths), 0)];
        foreach ($this->rooms as $one) {
            $at = (int) ceil($one / $grain);
            // By grains more may seem to go in than there is.
            $worth[] = 1 === $grain ? $best[$at] : min($best[$at], (float) $one);
            for ($type = \count($this->lengths) - 1; $type >= 0; --$type) {
                $count = $chosen[$type][$at] ?? 0;
                $uses[$type] += $count;
                $at -= $count * intdiv($this->lengths[$type], $grain);
            }
        }

        return [$worth, $uses];
    }
}
