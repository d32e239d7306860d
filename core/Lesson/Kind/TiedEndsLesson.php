<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\HalfKnots;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * Two ends tied to each other, nothing between them: the knot of an elastic, the tails of a piece that is tied on.
 *
 * @internal
 */
final readonly class TiedEndsLesson implements Teaching
{
    private const PITCH = 5.0;

    /**
     * @param non-empty-list<Side> $sides the end that crosses over the other first, each time
     */
    public function __construct(
        private string $id,
        private array $sides,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function lesson(): Lesson
    {
        $open = new HalfKnots(0.9, self::PITCH, 1.7);
        $left = $this->course('left', $open, Side::Left, self::PITCH);
        $right = $this->course('right', $open, Side::Right, self::PITCH);
        $crests = [];
        for ($n = 0; $n <= \count($this->sides); ++$n) {
            $way = 0 === $n % 2 ? 1 : -1;
            $crests[$n] = [
                'left' => $left->nearest($n * self::PITCH, $way * (0.9 + 0.9 * 1.7)),
                'right' => $right->nearest($n * self::PITCH, -$way * (0.9 + 0.9 * 1.7)),
            ];
        }
        $frames = [new Frame($crests[0])];
        foreach ($this->sides as $n => $side) {
            $first = (0 === $n % 2 ? $side : $side->other())->value;
            $frames[] = new Frame([$first => $crests[$n + 1][$first]] + $crests[$n], $first, $side);
            $frames[] = new Frame($crests[$n + 1], 'left' === $first ? 'right' : 'left', $side->other());
        }
        $frames[] = new Frame([], pulls: [new Pull('left'), new Pull('right')], tight: 1.0);
        $tied = new HalfKnots(0.35, 1.6);

        return new Lesson($this->id, Topic::Closure, [$left, $right], [
            $this->course('left', $tied, Side::Left, 1.6), $this->course('right', $tied, Side::Right, 1.6),
        ], ['left' => 'working', 'right' => 'working'], $frames, $this->sides[0]);
    }

    private function course(string $name, HalfKnots $knots, Side $begins, float $pitch): Course
    {
        $stations = $knots->stations($begins, $this->sides);
        [$x, $y, $level] = $stations[0];
        [$endX, $endY, $endLevel] = $stations[\count($stations) - 1] ?? $stations[0];

        return Course::through($name, [
            [$x - 0.9 * $pitch, 2.6 * $y, $level], [$x - 0.45 * $pitch, 1.5 * $y, $level],
            ...$stations,
            [$endX + 0.5 * $pitch, 1.5 * $endY, $endLevel], [$endX + 0.9 * $pitch, 2.4 * $endY, $endLevel],
        ]);
    }
}
