<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\StopKnot;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Matter;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Thing;
use Rinkel\Core\Lesson\Topic;

/**
 * A knot that is hidden: drawn into a bead with a large hole, or under a cover that is pressed shut.
 *
 * @internal
 */
final readonly class HiddenKnotLesson implements Teaching
{
    /**
     * @param bool $pressed whether by a cover of metal
     */
    public function __construct(
        private string $id,
        private bool $pressed,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function lesson(): Lesson
    {
        $knot = self::knot();
        $cord = $this->pressed ? $knot->shifted(-2.6, 0) : $knot;
        $drawn = $this->pressed ? $cord : $knot->shifted(4.8, 0);
        $frames = $this->pressed ? [
            new Frame([]),
            new Frame([], things: [self::shell(1, 0.0), self::shell(-1, 0.0)]),
            new Frame([], things: [self::shell(1, 0.55), self::shell(-1, 0.55)]),
            new Frame([], things: [self::shell(1, 1.0), self::shell(-1, 1.0)]),
        ] : [
            new Frame([], things: [Thing::round(Matter::Bead, 10.6, 0, 8.0, 8.4, 5)]),
            new Frame([], 'cord', Side::Right, tight: 0.5, things: [Thing::round(Matter::Bead, 9.0, 0, 8.0, 8.4, 5)]),
            new Frame([], things: [Thing::round(Matter::Bead, 7.4, 0, 8.0, 8.4, 5)], tight: 1.0),
        ];

        return new Lesson($this->id, Topic::Closure, [$cord], [$drawn], ['cord' => 'working'], $frames);
    }

    /**
     * Returns a tied knot with the cord on either side of it.
     */
    private static function knot(): Course
    {
        $tied = StopKnot::course('cord', 1.6);
        $end = $tied->end();

        return Course::of(
            'cord',
            [
                new Point(-9, 0), new Point(-3, 0),
                ...$tied->points,
                new Point($end->x + 4, 0), new Point($end->x + 10, 0),
            ],
            [1, 1, ...$tied->levels, 2, 2],
        );
    }

    /**
     * Returns half a cover beside the knot, turned shut by a share.
     */
    private static function shell(int $way, float $shut): Thing
    {
        return new Thing(Matter::Metal, array_map(static function (int $i) use ($way, $shut): Point {
            $angle = \M_PI * $i / 16;

            return new Point(4.2 * cos($angle), $way * (5.4 * (1 - $shut) + (4.2 - 0.4 * $shut) * sin($angle) - 0.4));
        }, range(0, 16)), 6);
    }
}
