<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * The ropes of a tangle closed to rings far outside of it, in the same way before it is tightened and after: then no
 * cord went through another if the rings are knotted as they were.
 *
 * @internal
 */
final readonly class Rings
{
    /** How far out, in diameters. */
    private const FAR = 60.0;

    private function __construct() {}

    /**
     * @return non-empty-list<list<array{float, float, float}>> with the first rod as one of them
     */
    public static function of(Tangle $tangle): array
    {
        $cell = $tangle->cell;
        $repeating = array_values(array_filter(
            $tangle->ropes,
            static fn (Rope $rope): bool => Ends::Repeats === $rope->ends,
        ));
        $rings = match (\count($repeating)) {
            0 => [],
            1 => [self::single($repeating[0]->whole($cell))],
            2 => [self::pair($repeating[0]->whole($cell), $repeating[1]->whole($cell))],
            default => self::braided(array_map(static fn (Rope $rope): array => $rope->whole($cell), $repeating)),
        };
        $held = [];
        foreach ($tangle->ropes as $rope) {
            if (Ends::Joined === $rope->ends) {
                $rings[] = $rope->points;
            } elseif (Ends::Held === $rope->ends) {
                $held[] = $rope->points;
            }
        }
        $rings = [...$rings, ...(1 === \count($held) ? [self::held($held[0])] : self::braided($held))];
        if ([] !== $tangle->rods) {
            $rings[] = self::rod($tangle);
        }

        return [] === $rings ? throw new \LogicException('A tangle has a rope.') : $rings;
    }

    /**
     * @param non-empty-list<array{float, float, float}> $points
     *
     * @return list<array{float, float, float}>
     */
    private static function held(array $points): array
    {
        [$first, $last] = [$points[0], $points[\count($points) - 1]];

        return [
            ...$points,
            [$last[0], $last[1], $last[2] + 5], [self::FAR, 7.0, $last[2] + 5],
            [self::FAR, 7.0, $first[2] - 5], [$first[0], $first[1], $first[2] - 5],
        ];
    }

    /**
     * One cord beside its core: out from where it lies outermost, and back.
     *
     * @param non-empty-list<array{float, float, float}> $points
     *
     * @return list<array{float, float, float}>
     */
    private static function single(array $points): array
    {
        return [...$points, self::out($points[\count($points) - 1]), self::out($points[0])];
    }

    /**
     * Two cords on either side of the cores: over the one's end to the other's, and back beneath.
     *
     * @param non-empty-list<array{float, float, float}> $one
     * @param non-empty-list<array{float, float, float}> $other
     *
     * @return list<array{float, float, float}>
     */
    private static function pair(array $one, array $other): array
    {
        [$a, $b] = [self::out($one[\count($one) - 1]), self::out($other[\count($other) - 1])];
        [$c, $d] = [self::out($other[0]), self::out($one[0])];

        return [
            ...$one, $a, self::lifted($a, 1), self::lifted($b, 1), $b,
            ...array_reverse($other), $c, self::lifted($c, -1), self::lifted($d, -1), $d,
        ];
    }

    /**
     * @param array{float, float, float} $point
     *
     * @return array{float, float, float} high above the knot, or deep below it
     */
    private static function lifted(array $point, int $way): array
    {
        return [$point[0], $point[1], $point[2] + 2 * $way * self::FAR];
    }

    /**
     * Cords side by side: what lies outermost goes out lowest, and what lies behind it over it.
     *
     * @param list<non-empty-list<array{float, float, float}>> $ropes
     *
     * @return list<list<array{float, float, float}>>
     */
    private static function braided(array $ropes): array
    {
        usort($ropes, static fn (array $a, array $b): int => $b[0][0] <=> $a[0][0]);
        $rings = [];
        foreach ($ropes as $i => $points) {
            [$first, $last, $high] = [$points[0], $points[\count($points) - 1], 4.0 + 2 * $i];
            $rings[] = [
                ...$points,
                [$last[0], $last[1], $last[2] + $high], [self::FAR + 3 * $i, $last[1], $last[2] + $high],
                [self::FAR + 3 * $i, $first[1], $first[2] - $high], [$first[0], $first[1], $first[2] - $high],
            ];
        }

        return $rings;
    }

    /**
     * @return list<array{float, float, float}>
     */
    private static function rod(Tangle $tangle): array
    {
        $heights = [];
        foreach ($tangle->ropes as $rope) {
            array_push($heights, ...array_column($rope->points, 2));
        }
        $rod = $tangle->rods[0] ?? throw new \LogicException('There is a rod.');
        [$low, $high] = [min([0.0, ...$heights]) - 40, max([0.0, ...$heights]) + 40];

        return [
            [$rod->x, $rod->y, $low], [$rod->x, $rod->y, $high],
            [$rod->x, -4 * self::FAR, $high], [$rod->x, -4 * self::FAR, $low],
        ];
    }

    /**
     * @param array{float, float, float} $point
     *
     * @return array{float, float, float}
     */
    private static function out(array $point): array
    {
        $from = max(1e-9, sqrt($point[0] ** 2 + $point[1] ** 2));

        return [self::FAR * $point[0] / $from, self::FAR * $point[1] / $from, $point[2]];
    }
}
