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
 * The end of a cord: made a tip that passes beads, or opened to a fringe.
 *
 * @internal
 */
final readonly class PointLesson implements Teaching
{
    /**
     * @param bool $frays whether it is opened
     */
    public function __construct(
        private string $id,
        private bool $frays,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function lesson(): Lesson
    {
        $cord = Course::through('cord', [[-10, 0, 1], [-5, 0.2, 1], [0, 0, 1], [6, 0, 1]]);
        $whole = new Frame([]);
        $cut = ['cord' => $cord->length() - 3.0];
        $slant = Thing::cornered(Matter::Cord, [[2.6, 0.4], [5.0, 0.34], [2.6, -0.4]], 1);
        $blade = Thing::cornered(Matter::Blade, [[1.6, 3.4], [5.8, -2.8], [6.3, -2.4], [2.2, 3.6]], 4);
        $thin = Thing::cornered(Matter::Dry, [[0.4, 0.42], [5.4, 0.12], [5.4, -0.12], [0.4, -0.42]], 2);

        $topic = $this->frays ? Topic::Finish : Topic::Start;

        return new Lesson($this->id, $topic, [$cord], [$cord], ['cord' => 'working'], $this->frays ? [
            $whole,
            new Frame(['cord' => $cord->length() - 4.5], things: self::fringe(0.35)),
            new Frame(['cord' => $cord->length() - 4.5], things: self::fringe(1.0)),
        ] : [
            $whole,
            new Frame($cut, things: [$slant, $blade]),
            new Frame($cut, things: [$slant, $thin]),
            new Frame($cut, things: [$slant, $thin, Thing::round(Matter::Bead, -2.5, 0, 4.4, 4.4, 6)]),
        ]);
    }

    /**
     * Returns what a cord is laid of, spread at its end.
     *
     * @return list<Thing>
     */
    private static function fringe(float $spread): array
    {
        return array_map(static fn (int $i): Thing => Thing::cornered(Matter::Cord, [
            [1.2, 0.08 * $i + 0.1], [3.6, (0.1 + 0.32 * $spread) * $i + 0.12], [6.4, (0.1 + 0.6 * $spread) * $i],
            [3.6, (0.1 + 0.32 * $spread) * $i - 0.12], [1.2, 0.08 * $i - 0.1],
        ], 1), range(-4, 4));
    }
}
