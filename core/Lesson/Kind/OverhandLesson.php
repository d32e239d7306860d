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
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Thing;
use Rinkel\Core\Lesson\Topic;

/**
 * An overhand knot: of one cord, of two held together, or of one laid double, whose fold becomes a loop.
 *
 * @internal
 */
final readonly class OverhandLesson implements Teaching
{
    private const SPREAD = 3.4;

    /** The cord on either side of it, in diameters, and so many points of it before. */
    private const TAIL = 5.0;
    private const BEFORE = 2;

    /** Passages of its own way, after which the end has made a turn, and gone through it; in points. */
    private const LOOP = 17;
    private const THROUGH = 33;

    /**
     * @param int         $cords 1 or 2
     * @param bool        $loops whether both are one cord, laid double, whose fold is drawn through
     * @param Matter|null $on    what both are folded through, as one cord: a button's shank, a ring
     */
    public function __construct(
        private string $id,
        private Topic $topic = Topic::Knot,
        private int $cords = 1,
        private bool $loops = false,
        private ?Matter $on = null,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function lesson(): Lesson
    {
        $open = $this->courses(1 === $this->cords ? self::SPREAD : 1.35 * self::SPREAD, 0.62);
        $reached = static fn (int $point): array => array_combine(
            array_map(static fn (Course $course): string => $course->name, $open),
            array_map(static fn (Course $course): float => $course->along($point), $open),
        );
        $first = $open[0]->name;
        $isOn = null !== $this->on;
        $wide = Matter::Frame === $this->on ? 4.0 : 6.5;
        $held = fn (float $tail): array => null === $this->on ? [] : [
            Thing::round($this->on, -$tail - 1.2, 0, $wide, $wide, Matter::Frame === $this->on ? 0 : 5),
        ];
        [$loose, $tied] = [$held(self::TAIL), $held(1.5)];

        return new Lesson(
            $this->id,
            $this->topic,
            $open,
            $this->courses(1 === $this->cords ? 1.2 : 2.6, 0.5, $isOn ? 1.5 : self::TAIL),
            array_fill_keys(array_keys($reached(0)), 'working'),
            [
                new Frame($reached(self::BEFORE + 7), $first, Side::Right, things: $loose),
                new Frame($reached(self::BEFORE + self::LOOP), $first, Side::Right, things: $loose),
                new Frame($reached(self::BEFORE + self::THROUGH), $first, Side::Right, things: $loose),
                new Frame(
                    [],
                    pulls: $isOn ? [new Pull($first)] : [new Pull($first), new Pull($first, false)],
                    tight: 1.0,
                    things: $tied,
                ),
            ],
            folds: $this->loops ? [['cord-1', 'cord-2']] : [],
        );
    }

    /**
     * @param float $before how long the cord is before the knot
     *
     * @return non-empty-list<Course>
     */
    private function courses(float $spread, float $aside, float $before = self::TAIL): array
    {
        $knot = StopKnot::course('cord', $spread);
        $end = $knot->end();
        $first = $knot->points[0];
        $middle = Course::of('cord', [
            new Point($first->x - $before, 0), new Point($first->x - $before / 2, 0),
            ...$knot->points,
            new Point($end->x + self::TAIL / 2, 0), new Point($end->x + self::TAIL, 0),
        ], [1, 1, ...$knot->levels, 2, 2]);

        if (1 === $this->cords) {
            return [$middle];
        }

        return array_map(function (int $i, int $way) use ($middle, $aside): Course {
            $cord = $middle->beside('cord-'.$i, $way * $aside);
            $end = $cord->end();

            return $this->loops ? Course::of(
                $cord->name,
                [...$cord->points, ...array_map(
                    static fn (array $eye): Point => new Point($end->x + $eye[0], $way * ($aside + $eye[1])),
                    [[1.2, 0.5], [2.6, 1.3], [4.2, 1.8], [6.0, 1.9]],
                )],
                [...$cord->levels, 2, 2, 2, 2],
            ) : $cord;
        }, [1, 2], [1, -1]);
    }
}
