<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * A ring opened sideways, hung in a loop of cord, and closed again.
 *
 * @internal
 */
final readonly class JumpRingLesson implements Teaching
{
    private const STEPS = 40;
    private const RADIUS = 4.2;

    public function id(): string
    {
        return 'ring';
    }

    public function lesson(): Lesson
    {
        $loop = Course::through('loop', [
            [-16, 0.9, 1], [-10, 0.9, 1], [-6, 1.9, 1], [-2.6, 1.6, 1], [-1.8, 0.0, 1],
            [-2.6, -1.6, 3], [-6, -1.9, 1], [-10, -0.9, 1], [-16, -0.9, 1],
        ]);

        return new Lesson($this->id(), Topic::Closure, [$this->ring(2.4), $loop], [$this->ring(0.0), $loop], [
            'ring' => 'ring', 'loop' => 'working',
        ], [
            new Frame(['loop' => 0.0], tight: 1.0),
            new Frame(['loop' => 0.0]),
            new Frame(),
            new Frame([], tight: 1.0),
        ]);
    }

    /**
     * Returns a ring whose gap lies below; turned open, one end has gone out of the ring's face and the other into it.
     */
    private function ring(float $open): Course
    {
        return Course::of('ring', array_map(static function (int $i) use ($open): Point {
            $angle = 2 * \M_PI * (0.012 + 0.976 * $i / self::STEPS);
            $share = 2 * $i / self::STEPS - 1;

            return new Point(
                self::RADIUS * cos($angle) + $open * 0.5 * $share ** 3,
                self::RADIUS * sin($angle) - $open * 0.25 * abs($share) ** 3,
            );
        }, range(0, self::STEPS)), array_fill(0, self::STEPS, 2));
    }
}
