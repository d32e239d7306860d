<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Matter;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Thing;
use Rinkel\Core\Lesson\Topic;

/**
 * A bead that closes a piece: both tails go through it, one from either side.
 *
 * @internal
 */
final readonly class SlideBeadLesson implements Teaching
{
    public function id(): string
    {
        return 'slide bead';
    }

    public function lesson(): Lesson
    {
        $open = $this->tails(1.0);
        $bead = [Thing::round(Matter::Bead, 0, 0, 5.6, 6.4, 5)];

        return new Lesson($this->id(), Topic::Closure, $open, $this->tails(0.6), [
            'left' => 'working', 'right' => 'working',
        ], [
            new Frame(['left' => $open[0]->station(1), 'right' => 0.0], 'left', Side::Left, things: $bead),
            new Frame(['right' => 0.0], 'left', Side::Left, things: $bead),
            new Frame(['right' => $open[1]->station(1)], 'right', Side::Right, things: $bead),
            new Frame([], 'right', Side::Right, things: $bead),
            new Frame([], pulls: [new Pull('left'), new Pull('right')], tight: 1.0, things: $bead),
        ]);
    }

    /**
     * @return non-empty-list<Course>
     */
    private function tails(float $size): array
    {
        return [
            Course::through('left', [
                [-13 * $size, 0.7, 1], [-3.6, 0.7, 1], [0, 0.7, 1], [3.6, 0.7, 1], [10 * $size, 1.6, 1],
            ]),
            Course::through('right', [
                [13 * $size, -0.7, 1], [3.6, -0.7, 1], [0, -0.7, 1], [-3.6, -0.7, 1], [-10 * $size, -1.6, 1],
            ]),
        ];
    }
}
