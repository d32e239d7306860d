<?php

declare(strict_types=1);

namespace Rinkel\Core\Svg;

use Rinkel\Core\Geometry\Point;

/**
 * A line that is drawn at many places: where it goes on from its beginning is written once.
 *
 * @internal
 */
final readonly class Polyline
{
    /** No point is written that lies nearer than this to the line without it: a hundredth of a cord is not seen. */
    private const FINE = 0.012;

    /** So many points are looked past at most. */
    private const FAR = 20;

    private function __construct(
        private float $x,
        private string $y,
        private string $onward,
    ) {}

    /**
     * @param list<Point> $points
     * @param bool        $turned whether it is its mirror image, end for end
     */
    public static function through(array $points, bool $turned = false): self
    {
        $side = $turned ? -1 : 1;
        $onward = '';
        [$x, $y] = [0.0, 0.0];
        foreach (self::seen($points) as $i => $point) {
            [$beforeX, $beforeY] = [$x, $y];
            // Steps are taken between what is written, so that what they leave over does not add up.
            [$x, $y] = [round($side * $point->x, 2), round($point->y, 2)];
            $onward .= 0 === $i ? 'l' : Svg::number($x - $beforeX).','.Svg::number($y - $beforeY).' ';
        }
        $first = $points[0] ?? new Point(0, 0);

        return new self($side * $first->x, Svg::number($first->y), rtrim($onward));
    }

    /**
     * Returns it as path data, laid so far along.
     */
    public function at(float $x): string
    {
        return 'M'.Svg::number($x + $this->x).','.$this->y.$this->onward;
    }

    /**
     * Returns the points without which the line would be another one.
     *
     * @param list<Point> $points
     *
     * @return list<Point>
     */
    private static function seen(array $points): array
    {
        $seen = [];
        $kept = 0;
        foreach ($points as $i => $point) {
            $next = $points[$i + 1] ?? null;
            if (0 === $i || null === $next || $i - $kept > self::FAR || self::strays($points, $kept, $i + 1)) {
                $seen[] = $point;
                $kept = $i;
            }
        }

        return $seen;
    }

    /**
     * Returns whether a point between two others lies beside the straight line from one to the other.
     *
     * @param list<Point> $points
     */
    private static function strays(array $points, int $from, int $to): bool
    {
        [$a, $b] = [$points[$from], $points[$to]];
        [$dx, $dy] = [$b->x - $a->x, $b->y - $a->y];
        $length = max(1e-9, hypot($dx, $dy));
        for ($i = $from + 1; $i < $to; ++$i) {
            $along = (($points[$i]->x - $a->x) * $dx + ($points[$i]->y - $a->y) * $dy) / $length;
            $aside = abs(($points[$i]->x - $a->x) * $dy - ($points[$i]->y - $a->y) * $dx) / $length;
            if ($aside > self::FINE || $along < 0 || $along > $length) {
                return true;
            }
        }

        return false;
    }
}
