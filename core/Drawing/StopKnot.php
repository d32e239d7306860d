<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Point;

/**
 * The picture of an overhand knot in one cord (or in several held together as one).
 *
 * The knot is the plane image of a polynomial long trefoil, (t³ − 3t, t⁴ − 4t², t⁵ − 10t) (A. R. Shastri, "Polynomial
 * representations of knots", 1992, from memory); its six passages are at ±(√6 ± √2)/2 and ±√3, over and under by turns.
 */
final readonly class StopKnot
{
    private const UNDER = 1;
    private const OVER = 2;
    private const END = 2.0;
    private const STEPS = 7;

    /** How far, in t, spans reach into each other, so that no seam shows. */
    private const JOIN = 0.02;

    public static function motif(string $name): Motif
    {
        $passages = [-self::outer(), -sqrt(3), -self::inner(), self::inner(), sqrt(3), self::outer()];
        $spans = [];
        $from = -self::END;
        foreach ($passages as $i => $passage) {
            $to = isset($passages[$i + 1]) ? ($passage + $passages[$i + 1]) / 2 : self::END;
            $spans[] = new Span(
                0 === $i % 2 ? self::UNDER : self::OVER,
                self::between($from - self::JOIN, $to + self::JOIN),
            );
            $from = $to;
        }

        return new Motif($name, [new Strand('first', $spans)], self::at(self::END)->x - self::at(-self::END)->x);
    }

    /**
     * @return list<Point>
     */
    private static function between(float $from, float $to): array
    {
        return array_map(
            static fn (int $step): Point => self::at($from + ($to - $from) * $step / self::STEPS),
            range(0, self::STEPS),
        );
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
