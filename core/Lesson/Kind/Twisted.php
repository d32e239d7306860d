<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * Two tails that wind around each other by themselves, each rolled the way its cord is twisted.
 *
 * @internal
 */
final readonly class Twisted implements Teaching
{
    /** How often they cross. */
    private const TURNS = 6;

    public function id(): string
    {
        return 'twist';
    }

    public function lesson(): Lesson
    {
        $open = $this->cords(2.6, 1.5);
        $at = static fn (int $turn): array => [
            'one' => $open[0]->station(2 * $turn),
            'other' => $open[1]->station(2 * $turn),
        ];

        return new Lesson('twist', Topic::Closure, $open, $this->cords(1.5, 0.5), [
            'one' => 'working', 'other' => 'working',
        ], [
            new Frame($at(1)),
            new Frame($at(3), 'one', Side::Right),
            new Frame($at(5), 'other', Side::Right),
            new Frame([], tight: 1.0),
        ]);
    }

    /**
     * @param float $pitch from one crossing to the next, in diameters
     * @param float $wide  from the middle to either cord
     *
     * @return non-empty-list<Course>
     */
    private function cords(float $pitch, float $wide): array
    {
        return array_map(static function (string $name, int $way) use ($pitch, $wide): Course {
            $points = [];
            for ($turn = 0; $turn <= self::TURNS; ++$turn) {
                $side = 0 === $turn % 2 ? $way : -$way;
                $level = $side > 0 ? 2 : 0;
                $points[] = [$turn * $pitch, $side * $wide, $level];
                // One always crosses in front the same way: they wind, and do not only lie over each other by turns.
                $points[] = [($turn + 0.5) * $pitch, 0, $level];
            }
            // After an even number of crossings it goes on to the other side.
            $last = -$way;

            return Course::through($name, [...$points, [(self::TURNS + 1) * $pitch, $last * $wide, $last > 0 ? 2 : 0]]);
        }, ['one', 'other'], [1, -1]);
    }
}
