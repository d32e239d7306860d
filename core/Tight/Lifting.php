<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;

/**
 * A cord as a lesson draws it, lifted off the page: its levels become heights, and it goes up and down between them.
 *
 * The piece's length is z, its width x, and what lies uppermost on the page has the greatest y.
 *
 * @internal
 */
final readonly class Lifting
{
    /** How often the way between two levels is smoothed. */
    private const SMOOTHED = 3;

    /**
     * @param float $above how high level 1 lies, and how low level -1, in diameters
     * @param float $each  how much higher each further level lies
     */
    public function __construct(private float $above, private float $each = 1.15) {}

    /**
     * Returns a cord whose ends are held far beyond the knot, where each comes out of it.
     */
    public function held(Course $course, float $beyond): Rope
    {
        $points = $this->lifted($course->points, $course->levels);
        [$first, $last] = [$points[0], $points[\count($points) - 1]];

        $middle = array_sum(array_column($points, 2)) / \count($points);
        [$from, $to] = array_map(
            static fn (float $z): float => $z < $middle ? $z - $beyond : $z + $beyond,
            [$first[2], $last[2]],
        );

        return Rope::through(
            [[$first[0], 0.0, $from], ...$points, [$last[0], 0.0, $to]],
            Ends::Held,
        );
    }

    /**
     * Returns several cords that go the same way beside each other, each held at its ends.
     *
     * @param int $cords at least two
     *
     * @return non-empty-list<Rope>
     */
    public function together(Course $course, int $cords, float $beyond): array
    {
        $points = $this->lifted($course->points, $course->levels);
        $frames = self::frames($points);
        $out = 0.56 / sin(\M_PI / max(2, $cords));
        $ropes = [];
        foreach (range(0, max(0, $cords - 1)) as $cord) {
            [$across, $up] = [$out * cos(2 * \M_PI * $cord / $cords), $out * sin(2 * \M_PI * $cord / $cords)];
            $beside = array_map(static fn (array $point, array $frame): array => [
                $point[0] + $across * $frame[0][0] + $up * $frame[1][0],
                $point[1] + $across * $frame[0][1] + $up * $frame[1][1],
                $point[2] + $across * $frame[0][2] + $up * $frame[1][2],
            ], $points, $frames);
            [$first, $last] = [$beside[0], $beside[\count($beside) - 1]];
            $ropes[] = Rope::through([
                [$first[0], $first[1], $first[2] - $beyond], ...$beside, [$last[0], $last[1], $last[2] + $beyond],
            ], Ends::Held);
        }

        return $ropes;
    }

    /**
     * Two directions across a line at each of its points, carried along it without turning around it.
     *
     * @param non-empty-list<array{float, float, float}> $points
     *
     * @return non-empty-list<array{array{float, float, float}, array{float, float, float}}>
     */
    private static function frames(array $points): array
    {
        $across = [1.0, 0.0, 0.0];
        $last = \count($points) - 1;
        $frames = [];
        foreach (array_keys($points) as $i) {
            [$from, $to] = [$points[max(0, $i - 1)], $points[min($last, $i + 1)]];
            $length = max(1e-9, Rope::between($from, $to));
            $way = [($to[0] - $from[0]) / $length, ($to[1] - $from[1]) / $length, ($to[2] - $from[2]) / $length];
            $along = $across[0] * $way[0] + $across[1] * $way[1] + $across[2] * $way[2];
            $rest = [$across[0] - $along * $way[0], $across[1] - $along * $way[1], $across[2] - $along * $way[2]];
            $size = max(1e-9, sqrt($rest[0] ** 2 + $rest[1] ** 2 + $rest[2] ** 2));
            $across = [$rest[0] / $size, $rest[1] / $size, $rest[2] / $size];
            $frames[] = [$across, [
                $way[1] * $across[2] - $way[2] * $across[1],
                $way[2] * $across[0] - $way[0] * $across[2],
                $way[0] * $across[1] - $way[1] * $across[0],
            ]];
        }

        return $frames;
    }

    /**
     * Returns a cord that repeats: a stretch of a course, up to the point that lies where it began, a cell further on.
     *
     * @param int $from number of a point
     * @param int $to   the last
     */
    public function repeated(Course $course, int $from, int $to): Rope
    {
        $points = $this->lifted(
            \array_slice($course->points, $from, $to - $from + 1),
            \array_slice($course->levels, $from, $to - $from),
        );
        array_pop($points);

        return Rope::through($points, Ends::Repeats);
    }

    /**
     * @param list<Point> $points
     * @param list<int>   $levels of the stretches between them
     *
     * @return non-empty-list<array{float, float, float}>
     */
    private function lifted(array $points, array $levels): array
    {
        $heights = [];
        $last = \count($levels) - 1;
        foreach (array_keys($points) as $i) {
            $heights[] = ($this->height($levels[max(0, $i - 1)]) + $this->height($levels[min($last, $i)])) / 2;
        }
        for ($round = 0; $round < self::SMOOTHED; ++$round) {
            $before = $heights;
            for ($i = 1; $i <= $last; ++$i) {
                $heights[$i] = ($before[$i - 1] + 2 * $before[$i] + $before[$i + 1]) / 4;
            }
        }
        $lifted = [];
        foreach ($points as $i => $point) {
            $lifted[] = [$point->y, $heights[$i], $point->x];
        }

        return [] === $lifted ? throw new \InvalidArgumentException('Nothing is laid.') : $lifted;
    }

    private function height(int $level): float
    {
        return 0 === $level ? 0.0 : ($level <=> 0) * ($this->above + $this->each * (abs($level) - 1));
    }
}
