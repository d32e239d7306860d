<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * A smooth line through given points, as a fine polyline.
 *
 * @internal
 */
final readonly class Curve
{
    public const FINE = 5;

    /**
     * Returns the uniform Catmull-Rom spline through $points (E. Catmull, R. Rom, "A class of local interpolating
     * splines", 1974, from memory). The first and the last point only give the direction of the ends.
     *
     * @param list<array{float, float}> $points at least four
     * @param int                       $steps  from one to the next
     *
     * @return non-empty-list<Point>
     */
    public static function between(array $points, int $steps = self::FINE): array
    {
        $curve = [];
        for ($i = 1, $last = \count($points) - 2; $i < $last; ++$i) {
            [[$x0, $y0], [$x1, $y1], [$x2, $y2], [$x3, $y3]] = [
                $points[$i - 1],
                $points[$i],
                $points[$i + 1],
                $points[$i + 2],
            ];
            for ($step = 0; $step < $steps; ++$step) {
                $t = $step / $steps;
                $before = 0.5 * $t * (-$t * $t + 2 * $t - 1);
                $from = 0.5 * ($t * $t * (3 * $t - 5) + 2);
                $to = 0.5 * $t * (-3 * $t * $t + 4 * $t + 1);
                $after = 0.5 * $t * $t * ($t - 1);
                $curve[] = new Point(
                    $before * $x0 + $from * $x1 + $to * $x2 + $after * $x3,
                    $before * $y0 + $from * $y1 + $to * $y2 + $after * $y3,
                );
            }
        }
        [$x, $y] = $points[\count($points) - 2];
        $curve[] = new Point($x, $y);

        return $curve;
    }
}
