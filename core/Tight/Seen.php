<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Matter;
use Rinkel\Core\Lesson\Thing;
use Rinkel\Core\Lesson\Topic;

/**
 * A tightened knot as a lesson of one picture, drawn like any other: seen from where the maker sits.
 *
 * @internal
 */
final readonly class Seen
{
    /** Levels that one diameter of depth is drawn in. */
    private const LEVELS = 8;

    /** Repeats drawn of a cell, and how much of a cord beyond a knot, in diameters. */
    private const CELLS = 3;
    private const BEYOND = 3.0;

    private function __construct() {}

    public static function of(string $id, Tightened $tight): Lesson
    {
        [$courses, $low, $high] = [[], \INF, -\INF];
        foreach ($tight->tangle->ropes as $i => $rope) {
            $points = self::shown($rope, $tight->tangle->cell);
            [$low, $high] = [min($low, ...array_column($points, 2)), max($high, ...array_column($points, 2))];
            $courses['cord-'.($i + 1)] = $points;
        }
        $things = [];
        foreach ($tight->tangle->rods as $i => $rod) {
            if (1.0 === $rod->diameter) {
                $courses['core-'.($i + 1)] = [
                    [$rod->x, $rod->y, $low - 1], [$rod->x, $rod->y, ($low + $high) / 2], [$rod->x, $rod->y, $high + 1],
                ];
            } else {
                $things[] = self::rod($rod, $low - 1, $high + 1);
            }
        }
        $names = array_keys($courses);
        $drawn = array_map(self::course(...), $names, $courses);
        $roles = array_combine($names, array_map(
            static fn (string $name): string => match (true) {
                str_starts_with($name, 'core') => 'core',
                'cord-2' === $name => 'other',
                default => 'working',
            },
            $names,
        ));

        return new Lesson($id, Topic::Knot, $drawn, $drawn, $roles, [new Frame([], tight: 1.0, things: $things)]);
    }

    /**
     * A core that is not as thick as the cord, as the rod that it is taken for.
     */
    private static function rod(Rod $rod, float $low, float $high): Thing
    {
        [$left, $right] = [$rod->x - $rod->diameter / 2, $rod->x + $rod->diameter / 2];

        return Thing::cornered(
            Matter::Metal,
            [[$low, $left], [$high, $left], [$high, $right], [$low, $right]],
            (int) round(self::LEVELS * $rod->y),
        );
    }

    /**
     * @return non-empty-list<array{float, float, float}>
     */
    private static function shown(Rope $rope, Cell $cell): array
    {
        if (Ends::Repeats === $rope->ends) {
            $points = [];
            for ($k = 0; $k < self::CELLS; ++$k) {
                foreach ($rope->points as $point) {
                    $points[] = $cell->image($point, $k);
                }
            }

            return [...$points, $cell->image($rope->points[0], self::CELLS)];
        }
        if (Ends::Joined === $rope->ends) {
            return $rope->whole($cell);
        }
        // What goes straight away from the knot is not shown to its end.
        $bent = array_filter($rope->points, static fn (array $point): bool => abs($point[0]) + abs($point[1]) > 1.2);
        $heights = array_column([] === $bent ? $rope->points : $bent, 2);
        [$low, $high] = [min($heights) - self::BEYOND, max($heights) + self::BEYOND];
        $shown = array_values(array_filter(
            $rope->points,
            static fn (array $point): bool => $point[2] >= $low && $point[2] <= $high,
        ));

        return [] === $shown ? $rope->points : $shown;
    }

    /**
     * @param non-empty-list<array{float, float, float}> $points
     */
    private static function course(string $name, array $points): Course
    {
        $levels = [];
        for ($i = 1, $n = \count($points); $i < $n; ++$i) {
            $levels[] = (int) round(self::LEVELS * ($points[$i - 1][1] + $points[$i][1]) / 2);
        }

        return Course::of($name, array_map(
            static fn (array $point): Point => new Point($point[2], $point[0]),
            $points,
        ), $levels);
    }
}
