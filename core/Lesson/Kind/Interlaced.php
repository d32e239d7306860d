<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\RopeLoops;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;
use Rinkel\Core\Material\Colour;

/**
 * Two loops woven through each other: the first is laid, the second goes over and under it by turns.
 *
 * @internal
 */
final readonly class Interlaced implements Teaching
{
    private const OPEN = 4.2;
    private const TIED = 2.1;

    public function id(): string
    {
        return 'interlace';
    }

    public function lesson(): Lesson
    {
        $open = self::courses(self::OPEN);
        $second = $open[1]->length();

        return new Lesson(
            $this->id(),
            Topic::Knot,
            $open,
            self::courses(self::TIED),
            ['left-0' => 'working', 'right-0' => 'other'],
            [
                new Frame(['left-0' => 0.55 * $open[0]->length(), 'right-0' => 0.0], 'left-0', Side::Left),
                new Frame(['right-0' => 0.0], 'left-0', Side::Left),
                new Frame(['right-0' => 0.36 * $second], 'right-0', Side::Right),
                new Frame(['right-0' => 0.66 * $second], 'right-0', Side::Right),
                new Frame([], 'right-0', Side::Right),
                new Frame([], pulls: [
                    new Pull('left-0'), new Pull('left-0', false), new Pull('right-0'), new Pull('right-0', false),
                ], tight: 1.0),
            ],
        );
    }

    /**
     * @return non-empty-list<Course>
     */
    private static function courses(float $size): array
    {
        return array_map(
            static fn (Course $course): Course => $course->scaled($size),
            (new RopeLoops([Colour::parse('#000000')]))->courses(),
        ) ?: throw new \LogicException('There are no loops.');
    }
}
