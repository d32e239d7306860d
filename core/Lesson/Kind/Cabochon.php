<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Matter;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Thing;
use Rinkel\Core\Lesson\Topic;

/**
 * A stone with a flat back, glued into the setting that a piece hangs on.
 *
 * @internal
 */
final readonly class Cabochon implements Teaching
{
    public function id(): string
    {
        return 'cabochon';
    }

    public function lesson(): Lesson
    {
        $cords = array_map(static fn (int $way): Course => Course::through(1 === $way ? 'right' : 'left', [
            [$way * 9.5, 0, 1], [$way * 7, 0, 1], [$way * 4.3, 0, 1],
        ]), [-1, 1]);
        $setting = [
            Thing::round(Matter::Metal, 0, 0, 4.6, 4.2, 0),
            Thing::round(Matter::Frame, 0, 0, 4.6, 4.2, 2),
        ];
        $glue = Thing::round(Matter::Glue, 0, 0, 2.2, 2.0, 3);
        $stone = static fn (float $y): Thing => Thing::round(Matter::Bead, 0, $y, 3.8, 3.4, 4);

        return new Lesson($this->id(), Topic::Closure, $cords, $cords, ['left' => 'working', 'right' => 'working'], [
            new Frame([], things: $setting),
            new Frame([], things: [...$setting, $glue]),
            new Frame([], things: [...$setting, $glue, $stone(-7.4)]),
            new Frame([], tight: 1.0, things: [...$setting, $stone(0)]),
        ]);
    }
}
