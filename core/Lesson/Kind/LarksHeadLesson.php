<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * A lark's head: a folded cord on a ring or a core, its ends through its own fold.
 *
 * @internal
 */
final readonly class LarksHeadLesson implements Teaching
{
    public function id(): string
    {
        return 'lark';
    }

    public function lesson(): Lesson
    {
        $open = [$this->ring(8), $this->half('left', 1.0, 1), $this->half('right', 1.0, -1)];
        // The fold lies still; the ends go over the ring, behind it, and come out before the fold's bight.
        $at = static fn (int $station): array => [
            'left' => $open[1]->station($station), 'right' => $open[2]->station($station),
        ];

        return new Lesson('lark', Topic::Start, $open, [
            $this->ring(4), $this->half('left', 0.42, 1), $this->half('right', 0.42, -1),
        ], ['left' => 'working', 'right' => 'working', 'ring' => 'ring'], [
            new Frame($at(3)),
            new Frame($at(6)),
            new Frame($at(8), 'left'),
            new Frame([], pulls: [new Pull('left'), new Pull('right')], tight: 1.0),
        ]);
    }

    private function ring(float $half): Course
    {
        return Course::through('ring', [[0, $half, 0], [0, 0, 0], [0, -$half, 0]]);
    }

    /**
     * Returns one half of the cord, from the middle of its fold: before both legs, up behind the ring, over it and
     * down.
     */
    private function half(string $name, float $size, int $way): Course
    {
        return Course::through($name, array_map(static fn (array $station): array => [
            $station[0] * $size, $way * $station[1] * $size, $station[2],
        ], [
            [4.4, 0.0, 2], [4.1, 1.6, 2], [3.0, 2.9, -1], [1.0, 3.2, -1], [-1.6, 2.8, -1], [-2.8, 1.9, 1],
            [-1.8, 1.25, 1], [1.0, 1.2, 1], [5.0, 1.2, 1], [9.5, 1.2, 1],
        ]));
    }
}
