<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Point;

/**
 * The picture of an overhand knot in one cord (or in several held together as one).
 *
 * The knot is the plane image of a polynomial long trefoil, (t³ − 3t, t⁴ − 4t², t⁵ − 10t) (A. R. Shastri, "Polynomial
 * representations of knots", 1992, from memory); its six passages are at ±(√6 ± √2)/2 and ±√3, over and under by turns.
 *
 * @internal
 */
final readonly class StopKnot
{
    private const UNDER = 1;
    private const OVER = 2;
    private const END = 2.0;

    /** Points between two passages. */
    private const STEPS = 7;

    public static function motif(string $name): Motif
    {
        return new Motif($name, [self::course('first')->strand()], self::at(self::END)->x - self::at(-self::END)->x);
    }

    /**
     * Returns the cord's way, under and over by turns.
     *
     * @param float $spread how many times as large as it is tied
     */
    public static function course(string $name, float $spread = 1.0): Course
    {
        $passages = [-self::outer(), -sqrt(3), -self::inner(), self::inner(), sqrt(3), self::outer()];
        $points = [self::scaled(-self::END, $spread)];
        $levels = [];
        $from = -self::END;
        foreach ($passages as $i => $passage) {
            $to = isset($passages[$i + 1]) ? ($passage + $passages[$i + 1]) / 2 : self::END;
            for ($step = 1; $step <= self::STEPS; ++$step) {
                $points[] = self::scaled($from + ($to - $from) * $step / self::STEPS, $spread);
                $levels[] = 0 === $i % 2 ? self::UNDER : self::OVER;
            }
            $from = $to;
        }

        return Course::of($name, $points, $levels);
    }

    private static function scaled(float $t, float $spread): Point
    {
        $point = self::at($t);

        return new Point($spread * $point->x, $spread * $point->y);
    }

    /**
     * Returns the point at $t, scaled so that the knot is 3.3 diameters long and as wide with its own thickness, its
     * ends on the axis and its middle too.
     */
    private static function at(float $t): Point
    {
        $towardsMiddle = 1.0 * (1 - ($t / self::END) ** 16);

        return new Point(1.65 + ($t ** 3 - 3 * $t) * 1.65 / 2, ($t ** 4 - 4 * $t ** 2) * 2.0 / 4 + $towardsMiddle);
    }

    private static function inner(): float
    {
        return (sqrt(6) - sqrt(2)) / 2;
    }

    private static function outer(): float
    {
        return (sqrt(6) + sqrt(2)) / 2;
    }
}
