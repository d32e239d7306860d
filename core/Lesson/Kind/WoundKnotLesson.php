<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Coil;
use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * A coil that one cord winds around itself, or around itself and another, with its end back through the turns.
 *
 * @internal
 */
final readonly class WoundKnotLesson implements Teaching
{
    /**
     * @param int  $turns  from 1
     * @param bool $slides whether it is wound around another cord too, on which it slides
     */
    public function __construct(
        private string $id,
        private int $turns,
        private bool $slides = false,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function lesson(): Lesson
    {
        $open = new Coil($this->turns, 2.6, $this->slides ? 3.0 : 2.4, $this->slides ? 1.5 : 0.75);
        $tied = new Coil($this->turns, 1.05, $this->slides ? 1.5 : 1.1, $this->slides ? 1.0 : 0.5);
        $cord = $open->course('cord');
        $frames = [new Frame(['cord' => $open->turned($cord, 0)], 'cord', Side::Right)];
        for ($turn = 1; $turn <= $this->turns; ++$turn) {
            $frames[] = new Frame(['cord' => $open->turned($cord, $turn)], 'cord', Side::Right);
        }
        $frames[] = new Frame([], 'cord', Side::Right);
        $frames[] = new Frame([], pulls: [new Pull('cord'), new Pull('cord', false)], tight: 1.0);

        return new Lesson(
            $this->id,
            $this->slides ? Topic::Closure : Topic::Knot,
            [...$this->along($open), $cord],
            [...$this->along($tied), $tied->course('cord')],
            ['cord' => 'working', 'along' => 'core'],
            $frames,
        );
    }

    /**
     * @return list<Course>
     */
    private function along(Coil $coil): array
    {
        return $this->slides ? [
            Course::through('along', [[-5, 0, 0], [$coil->length() / 2, 0, 0], [$coil->length() + 6, 0, 0]]),
        ] : [];
    }
}
