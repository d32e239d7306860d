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
 * A binding: thread laid double along a bundle, wound over itself, its end through its own fold and drawn under.
 *
 * @internal
 */
final readonly class WhippingLesson implements Teaching
{
    private const TURNS = 4;

    public function id(): string
    {
        return 'whip';
    }

    public function lesson(): Lesson
    {
        $thread = $this->thread(2.0, 3.4);
        $frames = [
            new Frame(['thread' => $thread->station(7)], 'thread', Side::Right),
            new Frame(['thread' => $thread->station(8 + 4)], 'thread', Side::Right),
            new Frame(['thread' => $thread->station(8 + 4 * self::TURNS)], 'thread', Side::Right),
            new Frame([], 'thread', Side::Right),
            new Frame([], pulls: [new Pull('thread', false)]),
            new Frame([], tight: 1.0),
        ];

        return new Lesson(
            $this->id(),
            Topic::Finish,
            [...$this->bundle(2.0, 1.05), $thread],
            [...$this->bundle(1.05, 1.0), $this->thread(1.05, 2.1)],
            ['thread' => 'working', 'rope-1' => 'core', 'rope-2' => 'core', 'rope-3' => 'core'],
            $frames,
        );
    }

    private function thread(float $pitch, float $out): Course
    {
        $end = self::TURNS * $pitch;
        $leg = 0.3 * $out;
        $stations = [
            [-5, $leg, 2], [0, $leg, 2], [$end + $pitch, $leg, 2], [$end + 1.9 * $pitch, 0.0, 2],
            [$end + $pitch, -$leg, 2], [0, -$leg, 2], [-0.7 * $pitch, -$leg - 0.2, 2],
            [-0.95 * $pitch, -0.7 * $out, 2], [-0.5 * $pitch, -$out, -1],
        ];
        for ($turn = 0; $turn < self::TURNS; ++$turn) {
            $at = $turn * $pitch;
            array_push(
                $stations,
                [$at - 0.25 * $pitch, 0.0, -1],
                [$at, $out, 3],
                [$at + 0.25 * $pitch, 0.0, 3],
                [$at + 0.5 * $pitch, -$out, $turn < self::TURNS - 1 ? -1 : 1],
            );
        }
        array_push(
            $stations,
            [$end + 0.2 * $pitch, -0.8 * $out, 1],
            [$end + 0.75 * $pitch, 0.0, 3],
            [$end + 1.0 * $pitch, $out, 3],
            [$end + 1.3 * $pitch, 1.5 * $out, 3],
        );

        return Course::through('thread', $stations);
    }

    /**
     * @return list<Course>
     */
    private function bundle(float $pitch, float $apart): array
    {
        $end = self::TURNS * $pitch;

        return array_map(static fn (int $i): Course => Course::through('rope-'.$i, [
            [-4, ($i - 2) * $apart, 0], [$end / 2, ($i - 2) * $apart, 0], [$end + 6, ($i - 2) * $apart, 0],
        ]), [1, 2, 3]);
    }
}
