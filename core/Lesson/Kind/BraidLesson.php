<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * A flat braid of three: the outer strand over the middle one, from both sides by turns.
 *
 * @internal
 */
final readonly class BraidLesson implements Teaching
{
    private const OPEN = 12.0;
    private const TURNS = 2;

    public function id(): string
    {
        return 'braid';
    }

    public function lesson(): Lesson
    {
        $open = CordKnots::braid(self::OPEN, 2.4, self::TURNS);
        $frames = [];
        // Every sixth of a turn another strand lies in the middle.
        foreach ([1, 2, 3, 4, 6] as $i => $sixth) {
            $reached = [];
            foreach ($open as $course) {
                $reached[$course->name] = self::until($course, self::OPEN * (0.5 + $sixth) / 6);
            }
            $frames[] = new Frame($reached, $open[(3 - $sixth % 3) % 3]->name, 0 === $i % 2 ? Side::Left : Side::Right);
        }
        $frames[] = new Frame(
            [],
            pulls: array_map(static fn (Course $course): Pull => new Pull($course->name), $open),
            tight: 1.0,
        );

        return new Lesson(
            $this->id(),
            Topic::Knot,
            $open,
            CordKnots::braid(5.6, 1.0, self::TURNS),
            ['strand-0' => 'working', 'strand-1' => 'core', 'strand-2' => 'other'],
            $frames,
        );
    }

    private static function until(Course $course, float $x): float
    {
        foreach ($course->points as $i => $point) {
            if ($point->x >= $x) {
                return $course->along($i);
            }
        }

        return $course->length();
    }
}
