<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\HalfKnots;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Matter;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Thing;
use Rinkel\Core\Lesson\Topic;

/**
 * The ends of working cords after the last knot: singed and pressed flat, or glued and trimmed.
 *
 * @internal
 */
final readonly class FinishedEndsLesson implements Teaching
{
    private const KNOTS = 4;
    private const PITCH = 1.45;
    private const TAIL = 7.0;

    /**
     * @param bool $melts whether the ends are singed, or else glued
     */
    public function __construct(
        private string $id,
        private bool $melts,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function lesson(): Lesson
    {
        $courses = [
            self::core('core-1', 0.5), self::core('core-2', -0.5),
            self::tail('left', 1), self::tail('right', -1),
        ];
        $long = ['left' => $courses[2]->length(), 'right' => $courses[3]->length()];
        $short = static fn (float $left): array => array_map(
            static fn (float $length): float => $length - self::TAIL + $left,
            $long,
        );
        $end = self::KNOTS * self::PITCH;
        $blade = [Thing::cornered(Matter::Blade, [
            [$end + 1.5, 6.5], [$end + 1.9, 0], [$end + 1.5, -6.5],
            [$end + 2.3, -6.5], [$end + 2.2, 0], [$end + 2.3, 6.5],
        ], 8)];
        $drop = static fn (Matter $what, float $size, float $along): array => array_map(
            static fn (int $way): Thing => Thing::round($what, $end + $along, $way * 2.0, $size, 0.8 * $size, 9),
            [1, -1],
        );
        $glue = [Thing::round(Matter::Glue, $end - 1.2, 0, 5.4, 3.2, 7)];
        $flame = [self::flame($end + 5.4, -2.4)];

        return new Lesson($this->id, Topic::Finish, $courses, $courses, [
            'left' => 'working', 'right' => 'working', 'core-1' => 'core', 'core-2' => 'core',
        ], $this->melts ? [
            new Frame($long),
            new Frame($short(1.5), things: $blade),
            new Frame($short(1.5), things: $flame),
            new Frame($short(0.9), things: $drop(Matter::Melt, 1.5, 0.9)),
            new Frame($short(0.4), things: $drop(Matter::Melt, 2.3, 0.4)),
        ] : [
            new Frame($long),
            new Frame($long, things: $glue),
            new Frame($long, things: [Thing::round(Matter::Dry, $end - 1.2, 0, 5.0, 3.0, 7)]),
            new Frame($short(0.9), things: [Thing::round(Matter::Dry, $end - 1.2, 0, 5.0, 3.0, 7), ...$blade]),
        ]);
    }

    private static function core(string $name, float $aside): Course
    {
        $end = self::KNOTS * self::PITCH;

        return Course::through($name, [[-3, $aside, 0], [$end / 2, $aside, 0], [$end + 9, $aside, 0]]);
    }

    private static function tail(string $name, int $way): Course
    {
        $begins = 1 === $way ? Side::Left : Side::Right;
        $knots = new HalfKnots(1.0, self::PITCH);
        $sides = [Side::Left, Side::Right, Side::Left, Side::Right];
        $end = self::KNOTS * self::PITCH;

        return Course::through($name, [
            ...$knots->start($begins, Side::Left === $begins), ...$knots->stations($begins, $sides),
            [$end + 0.4 * self::TAIL, $way * 2.6, 1], [$end + self::TAIL, $way * 3.4, 1],
        ]);
    }

    /**
     * Returns a flame, its tip towards the knot.
     */
    private static function flame(float $x, float $y): Thing
    {
        return new Thing(Matter::Flame, array_map(static function (int $i) use ($x, $y): Point {
            $angle = 2 * \M_PI * $i / 24;
            $thin = (1 + cos($angle)) / 2;

            return new Point($x - 2.6 * cos($angle), $y + 1.56 * sin($angle) * sqrt(1 - $thin ** 2));
        }, range(0, 23)), 3);
    }
}
