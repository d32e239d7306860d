<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * Folded cords hung in each other by their folds, each through the loops of all before it: the beginning of a net.
 *
 * @internal
 */
final readonly class Linked implements Teaching
{
    public function id(): string
    {
        return 'linked';
    }

    public function lesson(): Lesson
    {
        $open = self::cords(1.7);
        $none = ['third' => 0.0];

        return new Lesson($this->id(), Topic::Start, $open, self::cords(0.8), [
            'one' => 'core', 'other' => 'working', 'third' => 'other',
        ], [
            new Frame(['other' => 0.0] + $none),
            new Frame(['other' => $open[1]->station(3)] + $none, 'other', Side::Right),
            new Frame(['other' => $open[1]->station(6)] + $none, 'other', Side::Right),
            new Frame($none, 'other', Side::Right),
            new Frame(['third' => $open[2]->station(4)], 'third', Side::Right),
            new Frame([], 'third', Side::Right),
            new Frame([], pulls: array_merge(...array_map(
                static fn (Course $cord): array => [new Pull($cord->name), new Pull($cord->name, false)],
                $open,
            )), tight: 1.0),
        ]);
    }

    /**
     * @return non-empty-list<Course>
     */
    private static function cords(float $size): array
    {
        return [self::first($size), self::second($size), self::third($size)];
    }

    /**
     * Returns the cord that is folded first, its fold below.
     */
    private static function first(float $size): Course
    {
        return self::sized('one', $size, [
            [-7.0, 1.2, 2], [-3.0, 1.5, 2], [0.0, 1.9, 2], [1.6, 1.3, 2], [2.1, 0.0, 2], [1.6, -1.3, 2],
            [0.0, -1.9, 2], [-3.0, -1.5, 2], [-7.0, -1.2, 2],
        ]);
    }

    /**
     * Returns the cord that comes up through the first one's fold from behind, and goes down before it.
     */
    private static function second(float $size): Course
    {
        return self::sized('other', $size, [
            [8.0, -1.2, 1], [4.0, -0.9, 1], [1.0, -0.75, 1], [-1.6, -0.7, 1], [-2.5, 0.0, 3], [-1.6, 0.7, 3],
            [1.0, 0.75, 3], [4.0, 0.9, 3], [8.0, 1.2, 3],
        ]);
    }

    /**
     * Returns the cord that goes over both, down through what their loops enclose together, and away behind both.
     */
    private static function third(float $size): Course
    {
        return self::sized('third', $size, [
            [-1.0, 7.5, 4], [-0.95, 4.0, 4], [-0.9, 1.6, 4], [-0.6, 0.1, 4], [0.0, -0.25, 4], [0.6, 0.1, 0],
            [0.9, 1.6, 0], [0.95, 4.0, 0], [1.0, 7.5, 0],
        ]);
    }

    /**
     * @param non-empty-list<array{float, float, int}> $stations
     */
    private static function sized(string $name, float $size, array $stations): Course
    {
        return Course::through($name, array_map(
            static fn (array $one): array => [$one[0] * $size, $one[1] * $size, $one[2]],
            $stations,
        ));
    }
}
