<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * A smooth line through given points, as a fine polyline.
 */
final readonly class Curve
{
    private const STEPS = 6;

    /**
     * Returns the uniform Catmull-Rom spline through $points (E. Catmull, R. Rom, "A class of local interpolating splines",
     * 1974, from memory). The first and the last point only give the direction of the ends.
     *
     * @param list<array{float, float}> $points at least four
     *
     * @return list<Point>
     */
    public static function between(array $points): array
    {
        $curve = [];
        for ($i = 1, $last = \count($points) - 2; $i < $last; ++$i) {
            for ($step = 0; $step < self::STEPS; ++$step) {
                $curve[] = self::at($step / self::STEPS, $points[$i - 1], $points[$i], $points[$i + 1], $points[$i + 2]);
            }
        }
        [$x, $y] = $points[\count($points) - 2];
        $curve[] = new Point($x, $y);

        return $curve;
    }

    /**
     * @param array{float, float} $before
     * @param array{float, float} $from
     * @param array{float, float} $to
     * @param array{float, float} $after
     */
    private static function at(float $t, array $before, array $from, array $to, array $after): Point
    {
        $weights = [
            0.5 * (-$t ** 3 + 2 * $t ** 2 - $t),
            0.5 * (3 * $t ** 3 - 5 * $t ** 2 + 2),
            0.5 * (-3 * $t ** 3 + 4 * $t ** 2 + $t),
            0.5 * ($t ** 3 - $t ** 2),
        ];
        $sum = static fn (int $axis): float => $weights[0] * $before[$axis] + $weights[1] * $from[$axis]
            + $weights[2] * $to[$axis] + $weights[3] * $after[$axis];

        return new Point($sum(0), $sum(1));
    }
}
