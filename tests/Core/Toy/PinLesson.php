<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Toy;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * A lesson that Rinkel does not know, of one cord laid over another: to show what adding one takes.
 */
final readonly class PinLesson implements Teaching
{
    public function id(): string
    {
        return 'pin';
    }

    public function lesson(): Lesson
    {
        $core = Course::through('core', [[-8, 0, 0], [0, 0, 0], [8, 0, 0]]);
        $over = Course::through('left', [[-6, -5, 1], [0, 0, 1], [6, 5, 1]]);
        $whole = ['core' => $core->length(), 'left' => $over->length()];

        return new Lesson(
            'pin',
            Topic::Closure,
            [$core, $over],
            [$core, $over],
            ['core' => 'core', 'left' => 'working'],
            [new Frame(['left' => 2.0] + $whole), new Frame(['left' => 0.5 * $over->length()] + $whole, 'left'), new Frame($whole, tight: 1.0)],
        );
    }
}
