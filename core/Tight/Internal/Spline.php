<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Internal;

/**
 * The natural cubic spline through points, by the way along their chords.
 *
 * @internal
 */
final readonly class Spline
{
    /** @var list<float> */
    public array $along;

    /** @var list<array{float, float, float}> second derivatives at the points */
    private array $bent;

    /**
     * @param non-empty-list<array{float, float, float}> $points no two after each other the same
     */
    public function __construct(private array $points)
    {
        $along = [0.0];
        foreach ($points as $i => $point) {
            if ($i > 0) {
                $before = $points[$i - 1];
                $along[] = $along[$i - 1] + sqrt(
                    ($point[0] - $before[0]) ** 2 + ($point[1] - $before[1]) ** 2 + ($point[2] - $before[2]) ** 2,
                );
            }
        }
        $this->along = $along;
        $this->bent = array_map(
            static fn (float $x, float $y, float $z): array => [$x, $y, $z],
            self::solved($along, $points, 0),
            self::solved($along, $points, 1),
            self::solved($along, $points, 2),
        );
    }

    /**
     * @param list<float>                      $t
     * @param list<array{float, float, float}> $points
     *
     * @return list<float>
     */
    private static function solved(array $t, array $points, int $d): array
    {
        $n = \count($t);
        $upper = $right = array_fill(0, $n, 0.0);
        for ($i = 1; $i < $n - 1; ++$i) {
            [$before, $after] = [$t[$i] - $t[$i - 1], $t[$i + 1] - $t[$i]];
            $rises = ($points[$i + 1][$d] - $points[$i][$d]) / $after;
            $rose = ($points[$i][$d] - $points[$i - 1][$d]) / $before;
            $pivot = 2 * ($before + $after) - $before * $upper[$i - 1];
            $upper[$i] = $after / $pivot;
            $right[$i] = (6 * ($rises - $rose) - $before * $right[$i - 1]) / $pivot;
        }
        $bent = array_fill(0, $n, 0.0);
        for ($i = $n - 2; $i > 0; --$i) {
            $bent[$i] = $right[$i] - $upper[$i] * $bent[$i + 1];
        }

        return array_values($bent);
    }

    /**
     * Returns points equally far apart along it.
     *
     * @return list<array{float, float, float}>
     */
    public function between(float $from, float $to, int $stretches): array
    {
        $points = [];
        $i = 0;
        $last = \count($this->along) - 2;
        for ($s = 0; $s <= $stretches; ++$s) {
            $at = $from + ($to - $from) * $s / $stretches;
            while ($i < $last && $this->along[$i + 1] < $at) {
                ++$i;
            }
            $points[] = $this->point($i, $at);
        }

        return $points;
    }

    /**
     * @return array{float, float, float}
     */
    private function point(int $i, float $at): array
    {
        $step = $this->along[$i + 1] - $this->along[$i];
        $b = ($at - $this->along[$i]) / $step;
        $a = 1 - $b;
        $c = ($a ** 3 - $a) * $step * $step / 6;
        $d = ($b ** 3 - $b) * $step * $step / 6;
        $in = fn (int $k): float => $a * $this->points[$i][$k] + $b * $this->points[$i + 1][$k]
            + $c * $this->bent[$i][$k] + $d * $this->bent[$i + 1][$k];

        return [$in(0), $in(1), $in(2)];
    }
}
