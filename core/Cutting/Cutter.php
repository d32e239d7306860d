<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Supply;

/**
 * Cuts cords of one kind from what is in stock: the least new cord first, then the fewest and the largest leftovers.
 *
 * Offcuts give as much as can be had of them, which is proven where it can be (Packing); what remains comes from
 * spools. A cord that nothing is long enough for is cut at its least length, where that is there.
 *
 * @internal
 */
final readonly class Cutter
{
    /** Lengths are counted in eightieths of a millimetre: a sixteenth of an inch is 127 of them. */
    private const UNIT = 0.0125;

    /**
     * @param Length $waste an offcut shorter than this is waste
     */
    public function __construct(private Length $waste) {}

    /**
     * @param list<Demand> $demands
     * @param list<Supply> $supplies
     */
    public function sheet(array $demands, array $supplies): CutSheet
    {
        $offcuts = array_values(array_filter($supplies, static fn (Supply $one): bool => !$one->isSpool));
        $spools = array_values(array_filter($supplies, static fn (Supply $one): bool => $one->isSpool));
        [$filled, $packed, $most] = Packing::of(
            array_map(static fn (Demand $demand): int => self::wanted($demand->wished), $demands),
            array_map(static fn (Supply $supply): int => self::there($supply), $offcuts),
        );
        $open = $this->ordered($demands);
        $cuts = [];
        foreach ($this->settled($filled, array_map(self::there(...), $offcuts)) as $i => $lengths) {
            rsort($lengths);
            foreach ($lengths as $length) {
                $demand = self::take($open, $length);
                $cuts[$offcuts[$i]->id][] = [$demand, $demand->wished];
            }
        }
        $left = [];
        foreach ([...$offcuts, ...$spools] as $supply) {
            $used = Length::sum(...array_map(static fn (array $cut): Length => $cut[1], $cuts[$supply->id] ?? []));
            $left[$supply->id] = $supply->length?->minus($used);
        }
        $unserved = $this->unrolled(array_values($open), $spools, $left, $cuts);
        $unserved = $this->atLeast($unserved, [...$offcuts, ...$spools], $left, $cuts);
        $isCut = static fn (Supply $supply): bool => isset($cuts[$supply->id]);
        $all = [...$offcuts, ...$spools];

        return new CutSheet(
            array_map(
                static fn (Supply $one): SupplyCuts => new SupplyCuts($one, $cuts[$one->id] ?? [], $left[$one->id]),
                array_values(array_filter($all, $isCut)),
            ),
            $unserved,
            Length::ofMillimetres($packed * self::UNIT),
            Length::ofMillimetres($most * self::UNIT),
            $this->waste,
            array_values(array_filter($all, static fn (Supply $one): bool => !$isCut($one))),
        );
    }

    /**
     * Cuts from spools, the longest first, each from the shortest that still has it; where that leaves something over
     * though there is enough of all, as they are packed best.
     *
     * @param list<Demand>                               $open
     * @param list<Supply>                               $spools
     * @param array<string, Length|null>                 $left   of each supply; changed
     * @param array<string, list<array{Demand, Length}>> $cuts   of each supply; changed
     *
     * @return list<Demand> that are not served
     */
    private function unrolled(array $open, array $spools, array &$left, array &$cuts): array
    {
        $one = $this->byTurns($open, $spools, $left);
        $missing = Length::sum(...array_map(static fn (array $cut): Length => $cut[0]->wished, $one[''] ?? []));
        if (!$missing->isZero()) {
            $other = $this->packedBest($open, $spools, $left);
            $without = Length::sum(...array_map(static fn (array $cut): Length => $cut[0]->wished, $other[''] ?? []));
            [$one, $missing] = $without->isShorterThan($missing) ? [$other, $without] : [$one, $missing];
        }
        foreach ($one as $id => $some) {
            foreach ('' === $id ? [] : $some as [$demand]) {
                $cuts[$id][] = [$demand, $demand->wished];
                $left[$id] = ($left[$id] ?? null)?->minus($demand->wished);
            }
        }

        return array_column($one[''] ?? [], 0);
    }

    /**
     * @param list<Demand>               $open
     * @param list<Supply>               $spools
     * @param array<string, Length|null> $left
     *
     * @return array<string, list<array{Demand}>> by spool, what none serves under ""
     */
    private function byTurns(array $open, array $spools, array $left): array
    {
        $cuts = [];
        foreach ($open as $demand) {
            $id = self::fitting($spools, $left, $demand->wished) ?? '';
            $cuts[$id][] = [$demand];
            if ('' !== $id) {
                $left[$id] = ($left[$id] ?? null)?->minus($demand->wished);
            }
        }

        return $cuts;
    }

    /**
     * @param list<Demand>               $open
     * @param list<Supply>               $spools
     * @param array<string, Length|null> $left
     *
     * @return array<string, list<array{Demand}>> by spool, what none serves under ""
     */
    private function packedBest(array $open, array $spools, array $left): array
    {
        $counted = array_values(array_filter($spools, static fn (Supply $spool): bool => null !== $spool->length));
        [$filled] = Packing::of(
            array_map(static fn (Demand $demand): int => self::wanted($demand->wished), $open),
            array_map(static fn (Supply $spool): int => (int) floor(
                $spool->sure($left[$spool->id] ?? Length::zero())->millimetres / self::UNIT + 1e-6,
            ), $counted),
        );
        $rest = $this->ordered($open);
        $cuts = [];
        foreach ($filled as $i => $lengths) {
            foreach ($lengths as $length) {
                $cuts[$counted[$i]->id][] = [self::take($rest, $length)];
            }
        }
        foreach ($rest as $demand) {
            $cuts[''][] = [$demand];
        }

        return $cuts;
    }

    /**
     * Cuts what nothing is long enough for as long as the longest that remains gives, where that would still do.
     *
     * @param list<Demand>                               $open
     * @param list<Supply>                               $supplies
     * @param array<string, Length|null>                 $left     of each supply; changed
     * @param array<string, list<array{Demand, Length}>> $cuts     of each supply; changed
     *
     * @param-out array<string, Length|null>                 $left
     * @param-out array<string, list<array{Demand, Length}>> $cuts
     *
     * @return list<Demand> that are not served even so
     */
    private function atLeast(array $open, array $supplies, array &$left, array &$cuts): array
    {
        $unserved = [];
        foreach ($open as $demand) {
            $id = self::fitting($supplies, $left, $demand->least);
            if (null === $id) {
                $unserved[] = $demand;
                continue;
            }
            $there = $left[$id] ?? $demand->wished;
            foreach ($supplies as $supply) {
                $there = $supply->id === $id && null !== $supply->length ? $supply->sure($there) : $there;
            }
            $had = $left[$id] ?? $demand->wished;
            $length = $there->isShorterThan($demand->wished) ? $there : $demand->wished;
            $cuts[$id][] = [$demand, $length];
            $left[$id] = $had->minus($length);
        }

        return $unserved;
    }

    /**
     * Returns the shortest piece that has so much; one whose length is not known last.
     *
     * @param list<Supply>               $supplies
     * @param array<string, Length|null> $left
     */
    private static function fitting(array $supplies, array $left, Length $length): ?string
    {
        $best = null;
        foreach ($supplies as $supply) {
            $there = $left[$supply->id] ?? null;
            if (null === $supply->length) {
                $best ??= [$supply->id, null];
            } elseif (null !== $there && !$supply->sure($there)->isShorterThan($length)) {
                $isBetter = null === $best || null === $best[1] || $there->isShorterThan($best[1]);
                $best = $isBetter ? [$supply->id, $there] : $best;
            }
        }

        return $best[0] ?? null;
    }

    /**
     * Moves cuts between offcuts, and changes them for others, as long as that leaves larger leftovers.
     *
     * @param list<list<int>> $filled lengths by offcut
     * @param list<int>       $rooms
     *
     * @return list<list<int>>
     */
    private function settled(array $filled, array $rooms): array
    {
        for ($round = 0; $round < 50; ++$round) {
            $left = array_map(static fn (array $cuts, int $room): int => $room - array_sum($cuts), $filled, $rooms);
            $better = $this->moved($filled, $left);
            if (null === $better) {
                break;
            }
            $filled = $better;
        }

        return array_map(static fn (array $cuts): array => array_values($cuts), $filled);
    }

    /**
     * Returns the lengths with the first cut moved, or changed for another, that leaves larger leftovers; null where
     * none does.
     *
     * @param list<list<int>> $filled
     * @param list<int>       $left
     *
     * @return list<list<int>>|null
     */
    private function moved(array $filled, array $left): ?array
    {
        foreach ($filled as $from => $cuts) {
            foreach ($cuts as $which => $length) {
                foreach ($filled as $to => $others) {
                    // Nothing, or a shorter cut, comes back for it.
                    foreach ($from === $to ? [] : [null, ...array_keys($others)] as $back) {
                        $moved = $length - (null === $back ? 0 : $others[$back]);
                        $gain = $moved > 0 && $moved <= $left[$to] ? $this->gain($left[$from], $left[$to], $moved) : -1;
                        // Where leftovers are as large, a piece that stays whole is better than two that are cut.
                        if ($gain > 0 || 0 === $gain && null === $back && 1 === \count($cuts) && [] !== $others) {
                            return self::exchanged($filled, [$from, $which], [$to, $back]);
                        }
                    }
                }
            }
        }

        return null;
    }

    /**
     * Returns how much more leftovers are worth once so much more is left of one offcut, and less of another.
     */
    private function gain(int $from, int $to, int $moved): int
    {
        $waste = self::wanted($this->waste);
        $worth = static fn (int $left): int => $left < $waste ? 0 : $left ** 2;

        return $worth($from + $moved) + $worth($to - $moved) - $worth($from) - $worth($to);
    }

    /**
     * @param list<list<int>>      $filled
     * @param array{int, int}      $one    offcut, and which of its cuts
     * @param array{int, int|null} $other  offcut, and which of its cuts comes back
     *
     * @return list<list<int>>
     */
    private static function exchanged(array $filled, array $one, array $other): array
    {
        [[$from, $which], [$to, $back]] = [$one, $other];
        $filled[$to][] = $filled[$from][$which];
        unset($filled[$from][$which]);
        if (null !== $back) {
            $filled[$from][] = $filled[$to][$back];
            unset($filled[$to][$back]);
        }

        return array_map(array_values(...), $filled);
    }

    /**
     * @param list<Demand> $demands
     *
     * @return list<Demand> the longest first, in their own order where they are alike
     */
    private function ordered(array $demands): array
    {
        usort($demands, static fn (Demand $a, Demand $b): int => $b->wished->millimetres <=> $a->wished->millimetres);

        return $demands;
    }

    /**
     * @param array<int, Demand> $open of which the first of that length is taken out
     */
    private static function take(array &$open, int $length): Demand
    {
        foreach ($open as $i => $demand) {
            if (self::wanted($demand->wished) === $length) {
                unset($open[$i]);

                return $demand;
            }
        }
        throw new \LogicException('What was packed was never wanted.');
    }

    private static function wanted(Length $length): int
    {
        return (int) ceil($length->millimetres / self::UNIT - 1e-6);
    }

    private static function there(Supply $supply): int
    {
        return (int) floor(($supply->length->millimetres ?? 0.0) / self::UNIT + 1e-6);
    }
}
