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
 * Folded cords hung in each other by their folds: the beginning of a net.
 */
final readonly class Linked implements Teaching
{
    public function id(): string
    {
        return 'linked';
    }

    public function lesson(): Lesson
    {
        $open = [self::first(1.7), self::second(1.7)];

        return new Lesson($this->id(), Topic::Start, $open, [self::first(0.8), self::second(0.8)], [
            'one' => 'core', 'other' => 'working',
        ], [
            new Frame(['other' => 0.0]),
            new Frame(['other' => $open[1]->station(3)], 'other', Side::Right),
            new Frame(['other' => $open[1]->station(6)], 'other', Side::Right),
            new Frame([], 'other', Side::Right),
            new Frame([], pulls: [
                new Pull('one'), new Pull('one', false), new Pull('other'), new Pull('other', false),
            ], tight: 1.0),
        ]);
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
