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
 * An end of metal with two flaps, folded over the cords one after the other.
 *
 * @internal
 */
final readonly class FoldOverLesson implements Teaching
{
    public function id(): string
    {
        return 'fold-over';
    }

    public function lesson(): Lesson
    {
        $cords = array_map(static fn (int $i): Course => Course::through('cord-'.$i, [
            [-14, ($i - 2) * 1.1, 1], [-4, ($i - 2) * 1.05, 1], [3.4, ($i - 2) * 1.0, 1],
        ]), [1, 2, 3]);
        $plate = [
            Thing::cornered(Matter::Metal, [[-4, 2.0], [4, 2.0], [4, -2.0], [-4, -2.0]], 0),
            Thing::round(Matter::Frame, 5.6, 0, 2.6, 2.6, 0),
        ];
        $glue = Thing::round(Matter::Glue, 0, 0, 2.6, 5.0, 2);
        $left = static fn (float $turn): Thing => self::flap(1, $turn);
        $right = static fn (float $turn): Thing => self::flap(-1, $turn);
        $none = array_fill_keys(['cord-1', 'cord-2', 'cord-3'], 0.0);

        return new Lesson($this->id(), Topic::Closure, $cords, $cords, array_fill_keys(array_keys($none), 'working'), [
            new Frame($none, things: [...$plate, $left(0.0), $right(0.0)]),
            new Frame([], things: [...$plate, $left(0.0), $right(0.0), $glue]),
            new Frame([], things: [...$plate, $left(1.0), $right(0.0)]),
            new Frame([], things: [...$plate, $left(1.0), $right(1.0)]),
        ]);
    }

    /**
     * Returns a flap beside the plate, turned over it by a share of half a turn.
     */
    private static function flap(int $way, float $turn): Thing
    {
        $reach = 2.0 + 3.4 * cos(\M_PI * $turn);

        return Thing::cornered(Matter::Metal, [
            [-3.6, $way * 2.0], [3.6, $way * 2.0], [3.0, $way * $reach], [-3.0, $way * $reach],
        ], $turn > 0.5 ? (1 === $way ? 4 : 5) : 0);
    }
}
