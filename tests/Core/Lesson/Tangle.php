<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;

/**
 * Closed lines with their crossings: which knot or link they are, told by what does not depend on how it is laid.
 *
 * The Jones polynomial is worked out from the bracket of L. H. Kauffman ("State models and the Jones polynomial", 1987,
 * from memory) as a sum over all states: independent of everything in the core but the points and levels themselves.
 */
final class Tangle
{
    /** @var list<array{over: int, under: int, sign: int, parts: array{int, int}}> */
    private array $crossings = [];

    /** @var list<list<array{int, bool}>> the passages of each component: crossing, and whether over */
    private array $passages = [];

    /**
     * @param list<list<array{float, float, float}>> $components x, y and the level from there to the next
     * @param bool                                   $isClosed   whether each goes on from its end to its beginning
     */
    public function __construct(array $components, bool $isClosed = true)
    {
        $segments = [];
        foreach ($components as $component => $points) {
            foreach ($points as $i => [$x, $y, $level]) {
                [$toX, $toY] = $points[($i + 1) % \count($points)];
                if (hypot($toX - $x, $toY - $y) > 1e-9 && ($isClosed || isset($points[$i + 1]))) {
                    $segments[] = [$component, $i, $x, $y, $toX, $toY, $level];
                }
            }
        }
        $found = [];
        foreach ($segments as $a => $one) {
            for ($b = $a + 1; $b < \count($segments); ++$b) {
                $cut = self::cut($one, $segments[$b]);
                // Loose cords may begin where others do: in one fold, or where a ring is closed.
                if (null !== $cut && ($isClosed || self::isInside($cut, $one[1], $segments[$b][1]))) {
                    [$here, $there, $turn] = $cut;
                    if ($one[6] === $segments[$b][6]) {
                        $x = $one[2] + $here * ($one[4] - $one[2]);
                        $y = $one[3] + $here * ($one[5] - $one[3]);

                        throw new \LogicException(\sprintf('Two cross at one level, at %.2f, %.2f.', $x, $y));
                    }
                    $isOver = $one[6] > $segments[$b][6];
                    $n = \count($this->crossings);
                    $this->crossings[] = [
                        'over' => 0, 'under' => 0,
                        'sign' => ($isOver ? 1 : -1) * $turn,
                        'parts' => [$one[0], $segments[$b][0]],
                    ];
                    $found[$one[0]][] = [$one[1] + $here, $n, $isOver];
                    $found[$segments[$b][0]][] = [$segments[$b][1] + $there, $n, !$isOver];
                }
            }
        }
        foreach (array_keys($components) as $component) {
            $passages = $found[$component] ?? [];
            usort($passages, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $this->passages[] = array_map(static fn (array $one): array => [$one[1], $one[2]], $passages);
        }
    }

    /**
     * Returns cords as they lie, their ends loose.
     *
     * @param array<Course> $courses
     */
    public static function loose(array $courses): self
    {
        return new self(array_map(static fn (Course $course): array => array_map(
            static fn (Point $point, int $i): array => [
                $point->x, $point->y, (float) ($course->levels[$i] ?? $course->levels[$i - 1] ?? 0),
            ],
            $course->points,
            array_keys($course->points),
        ), array_values($courses)), false);
    }

    /**
     * Returns of each cord which it passes, in order, and whether over it.
     *
     * @return list<list<string>>
     */
    public function walk(): array
    {
        $walk = [];
        foreach ($this->passages as $component => $passages) {
            $walk[] = array_map(function (array $passage) use ($component): string {
                [$crossing, $isOver] = $passage;
                [$a, $b] = $this->crossings[$crossing]['parts'];

                return ($isOver ? 'over ' : 'under ').($a === $component ? $b : $a);
            }, $passages);
        }

        return $walk;
    }

    /**
     * Returns cords joined end to end to one closed line, over everything else from its last end back to its first.
     *
     * @param list<array{Course, bool}> $courses each with whether it is gone through backwards
     *
     * @return list<array{float, float, float}>
     */
    public static function joined(array $courses, float $far = 40): array
    {
        $points = [];
        foreach ($courses as [$course, $isBack]) {
            $levels = $course->levels;
            $line = $course->points;
            if ($isBack) {
                $line = array_reverse($line);
                $levels = array_reverse($levels);
            }
            foreach ($line as $i => $point) {
                $points[] = [$point->x, $point->y, (float) ($levels[$i] ?? $levels[$i - 1] ?? 0)];
            }
        }
        $first = $points[0];
        $last = array_pop($points) ?? $first;

        return [
            ...$points, [$last[0], $last[1], 900.0 + $far], [$last[0] + $far, $last[1] + 1.37 * $far, 900.0 + $far],
            [$first[0] - 1.13 * $far, $first[1] + 1.41 * $far, 900.0 + $far],
        ];
    }

    /**
     * Returns how often two components wind about each other, with its sign.
     */
    public function linking(int $one, int $other): float
    {
        $sum = 0;
        foreach ($this->crossings as $crossing) {
            if ([$one, $other] === $crossing['parts'] || [$other, $one] === $crossing['parts']) {
                $sum += $crossing['sign'];
            }
        }

        return $sum / 2;
    }

    /**
     * Returns whether each passage lies over, in the order of a component.
     *
     * @return list<bool>
     */
    public function overs(int $component): array
    {
        return array_map(static fn (array $passage): bool => $passage[1], $this->passages[$component] ?? []);
    }

    /**
     * Returns the Jones polynomial: coefficients by the power of t.
     *
     * @return array<int, int>
     */
    public function jones(): array
    {
        $jones = [];
        foreach ($this->bracket() as $power => $coefficient) {
            $jones[intdiv(-$power, 4)] = $coefficient;
        }
        ksort($jones);

        return $jones;
    }

    /**
     * Returns the bracket, made free of how often the line turns: coefficients by the power of A; t is its −4th.
     *
     * @return array<int, int>
     */
    public function bracket(): array
    {
        // Arcs are numbered along each component from crossing to crossing.
        $arcs = 0;
        $ends = [];
        foreach ($this->passages as $passages) {
            $count = \count($passages);
            foreach ($passages as $k => [$crossing, $isOver]) {
                $ends[$crossing][(int) $isOver] = [$arcs + $k, $arcs + ($k + 1) % $count];
            }
            $arcs += $count;
        }
        $pairs = [];
        $writhe = 0;
        foreach ($this->crossings as $n => $crossing) {
            $writhe += $crossing['sign'];
            [$i, $k] = $ends[$n][0] ?? [0, 0];
            [$in, $out] = $ends[$n][1] ?? [0, 0];
            // Anticlockwise from where the lower one comes in.
            [$j, $l] = $crossing['sign'] < 0 ? [$in, $out] : [$out, $in];
            $pairs[] = [[[$i, $j], [$k, $l]], [[$i, $l], [$j, $k]]];
        }
        $bracket = [];
        $states = 1 << \count($pairs);
        for ($state = 0; $state < $states; ++$state) {
            $root = range(0, max(0, $arcs - 1));
            $loops = $arcs;
            $power = 0;
            foreach ($pairs as $n => $ways) {
                $which = ($state >> $n) & 1;
                $power += 0 === $which ? 1 : -1;
                foreach ($ways[$which] as [$a, $b]) {
                    while ($root[$a] !== $a) {
                        $a = $root[$a] = $root[$root[$a]];
                    }
                    while ($root[$b] !== $b) {
                        $b = $root[$b] = $root[$root[$b]];
                    }
                    if ($a !== $b) {
                        $root[$a] = $b;
                        --$loops;
                    }
                }
            }
            foreach (self::circles(max(0, $loops - 1)) as $by => $coefficient) {
                $bracket[$power + $by] = ($bracket[$power + $by] ?? 0) + $coefficient;
            }
        }
        $normal = [];
        foreach ($bracket as $power => $coefficient) {
            if (0 !== $coefficient) {
                $normal[$power - 3 * $writhe] = (0 === $writhe % 2 ? 1 : -1) * $coefficient;
            }
        }
        ksort($normal);

        return $normal;
    }

    /**
     * Returns (−A² − A⁻²)ⁿ.
     *
     * @return array<int, int>
     */
    private static function circles(int $n): array
    {
        /** @var array<int, array<int, int>> $known */
        static $known = [];
        if (0 === $n) {
            return [0 => 1];
        }
        if (!isset($known[$n])) {
            $sum = [];
            foreach (self::circles($n - 1) as $power => $coefficient) {
                foreach ([2, -2] as $by) {
                    $sum[$power + $by] = ($sum[$power + $by] ?? 0) - $coefficient;
                }
            }
            $known[$n] = $sum;
        }

        return $known[$n];
    }

    /**
     * @param array{float, float, int} $cut
     */
    private static function isInside(array $cut, int $one, int $other): bool
    {
        return !(0 === $one && $cut[0] < 1e-6 && (0 === $other && $cut[1] < 1e-6 || $other > 0 && $cut[1] < 1e-6));
    }

    /**
     * @param array{int, int, float, float, float, float, float} $one
     * @param array{int, int, float, float, float, float, float} $other
     *
     * @return array{float, float, int}|null how far along each, and to which side the other crosses
     */
    private static function cut(array $one, array $other): ?array
    {
        [, , $ax, $ay, $bx, $by] = $one;
        [, , $cx, $cy, $dx, $dy] = $other;
        // The page's y grows downwards: seen from above it is turned round.
        $cross = ($bx - $ax) * ($dy - $cy) - ($by - $ay) * ($dx - $cx);
        if (abs($cross) < 1e-12) {
            return null;
        }
        $t = (($cx - $ax) * ($dy - $cy) - ($cy - $ay) * ($dx - $cx)) / $cross;
        $u = (($cx - $ax) * ($by - $ay) - ($cy - $ay) * ($bx - $ax)) / $cross;

        return $t >= 0 && $t < 1 && $u >= 0 && $u < 1 ? [$t, $u, $cross > 0 ? -1 : 1] : null;
    }
}
