<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;

/**
 * A cord as a lesson draws it, lifted off the page: its levels become heights, and it goes up and down between them.
 *
 * The piece's length is z, its width x, and what lies uppermost on the page has the greatest y.
 */
final readonly class Laid
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

        return Rope::through(
            [[$first[0], 0.0, $first[2] - $beyond], ...$points, [$last[0], 0.0, $last[2] + $beyond]],
            Ends::Held,
        );
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
