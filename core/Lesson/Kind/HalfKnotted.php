<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\HalfKnots;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Matter;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Thing;
use Rinkel\Core\Lesson\Topic;

/**
 * Half knots of a folded cord around two others: a square knot, a spiral, a slider.
 *
 * @internal
 */
final readonly class HalfKnotted implements Teaching
{
    /** A half knot laid open, in diameters. */
    private const PITCH = 4.6;
    private const TIED = 1.45;

    /**
     * @param non-empty-list<Side> $sides  the cord that crosses in front, for each half knot
     * @param bool                 $slides whether what lies inside are two tails, one from either side
     * @param bool                 $hides  whether a button is turned down over it
     */
    public function __construct(
        private string $id,
        private array $sides,
        private bool $slides = false,
        private bool $hides = false,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function lesson(): Lesson
    {
        $open = new HalfKnots(1.7, self::PITCH, 1.8);
        $left = $open->course('left', Side::Left, $this->sides);
        $right = $open->course('right', Side::Right, $this->sides);
        $tied = new HalfKnots(1.0, self::TIED);

        return new Lesson(
            $this->id,
            $this->slides || $this->hides ? Topic::Closure : Topic::Knot,
            [...$this->cores(self::PITCH, 0.85), $left, $right],
            [
                ...$this->cores(self::TIED, 0.5),
                $tied->course('left', Side::Left, $this->sides),
                $tied->course('right', Side::Right, $this->sides),
            ],
            ['left' => 'working', 'right' => 'working', 'core-1' => 'core', 'core-2' => 'core'],
            $this->frames($left, $right),
            $this->sides[0],
        );
    }

    /**
     * @return non-empty-list<Frame> half knot by half knot, and pulled tight at last
     */
    private function frames(Course $left, Course $right): array
    {
        $crests = $this->crests($left, $right);
        $button = $this->button(-0.6 * self::PITCH - 2.6, 7.0);
        $frames = [new Frame($crests[0], things: $button)];
        foreach ($this->sides as $n => $side) {
            $crosses = 0 === $n % 2 ? $side : $side->other();
            $first = $crosses->value;
            $second = $crosses->other()->value;
            $frames[] = new Frame([$first => $crests[$n + 1][$first]] + $crests[$n], $first, $side, things: $button);
            $frames[] = new Frame($crests[$n + 1], $second, $side->other(), things: $button);
        }
        $frames[] = new Frame(
            [],
            pulls: [new Pull('left'), new Pull('right')],
            tight: 1.0,
            things: $this->button(-1.6, 6.0),
        );

        return $frames;
    }

    /**
     * @return array<int, array{left: float, right: float}> where both cords are outermost, half knot by half knot
     */
    private function crests(Course $left, Course $right): array
    {
        $crests = [];
        $edges = ['left' => Side::Left, 'right' => Side::Right];
        for ($n = 0; $n <= \count($this->sides); ++$n) {
            foreach (['left' => $left, 'right' => $right] as $name => $course) {
                $side = 0 === $n % 2 ? $edges[$name] : $edges[$name]->other();
                $y = (Side::Left === $side ? 1 : -1) * (1.7 + 0.9 * 1.8);
                $crests[$n][$name] = $course->nearest($n * self::PITCH, $y);
            }
        }

        return $crests;
    }

    /**
     * @return list<Thing>
     */
    private function button(float $x, float $size): array
    {
        return $this->hides ? [Thing::round(Matter::Button, $x, 0, $size, $size, 6)] : [];
    }

    /**
     * @return list<Course>
     */
    private function cores(float $pitch, float $aside): array
    {
        $end = \count($this->sides) * $pitch;
        [$before, $after] = [-0.6 * $pitch - 1, $end + 0.4 * $pitch + 1];

        return [
            Course::through('core-1', [
                [$before - ($this->slides ? 4 : 0), $aside, 0], [$end / 2, $aside, 0], [$after, $aside, 0],
            ]),
            Course::through('core-2', [
                [$before, -$aside, 0], [$end / 2, -$aside, 0], [$after + ($this->slides ? 4 : 0), -$aside, 0],
            ]),
        ];
    }
}
