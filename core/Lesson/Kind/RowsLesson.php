<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\HalfKnots;
use Rinkel\Core\Drawing\Hitches;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Matter;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Thing;
use Rinkel\Core\Lesson\Topic;

/**
 * One step of rows: a bead on each core, a half knot that holds the middle one, a hitch on either side for the others.
 *
 * @internal
 */
final readonly class RowsLesson implements Teaching
{
    /** How far the outer cores lie from the middle one, and where the hitches begin, open and tied. */
    private const OPEN = [7.5, 5.6];
    private const TIED = [4.0, 2.2];

    public function id(): string
    {
        return 'rows';
    }

    public function lesson(): Lesson
    {
        $open = $this->courses(self::OPEN, new HalfKnots(0.6, 4.6, 1.7), 5.0, 1.9);
        [$left, $right] = [$open[3], $open[4]];
        $beads = [
            Thing::round(Matter::Bead, -4.4, 0, 3.4, 3.4, 6),
            Thing::round(Matter::Bead, 1.6, self::OPEN[0], 3.4, 3.4, 6),
            Thing::round(Matter::Bead, 1.6, -self::OPEN[0], 3.4, 3.4, 6),
        ];
        $at = static fn (int $leftStation, int $rightStation): array => [
            'left' => $left->station($leftStation), 'right' => $right->station($rightStation),
        ];
        $tied = $this->courses(self::TIED, new HalfKnots(0.5, 1.5), 2.0, 1.0);
        $beadsTied = [
            Thing::round(Matter::Bead, -2.2, 0, 3.4, 3.4, 6),
            Thing::round(Matter::Bead, 0.0, self::TIED[0], 3.4, 3.4, 6),
            Thing::round(Matter::Bead, 0.0, -self::TIED[0], 3.4, 3.4, 6),
        ];

        return new Lesson($this->id(), Topic::Knot, $open, $tied, [
            'core-1' => 'core', 'core-2' => 'core', 'core-3' => 'core', 'left' => 'working', 'right' => 'working',
        ], [
            new Frame($at(2, 2), things: $beads),
            new Frame($at(7, 2), 'left', Side::Left, things: $beads),
            new Frame($at(7, 11), 'right', Side::Right, things: $beads),
            new Frame($at(18, 11), 'left', Side::Right, things: $beads),
            new Frame([], 'right', Side::Left, things: $beads),
            new Frame([], pulls: [new Pull('left'), new Pull('right')], tight: 1.0, things: $beadsTied),
        ]);
    }

    /**
     * @param array{float, float} $places
     *
     * @return non-empty-list<Course>
     */
    private function courses(array $places, HalfKnots $knots, float $pitch, float $ease): array
    {
        [$apart, $along] = $places;
        $cores = array_map(static fn (int $i): Course => Course::through('core-'.$i, [
            [-2.6 * $apart, (2 - $i) * $apart, 0],
            [0, (2 - $i) * $apart, 0],
            [$along + 2 * $pitch, (2 - $i) * $apart, 0],
        ]), [1, 2, 3]);
        $hitch = (new Hitches([true], 0.6, $pitch, $ease))->stations();
        $ends = [];
        foreach (['left' => Side::Left, 'right' => Side::Right] as $name => $side) {
            $stations = $knots->stations($side, [Side::Left]);
            [$x, $y, $level] = $stations[0];
            // Having changed sides, each ties its hitch on the other side's core.
            $way = Side::Left === $side ? -1 : 1;
            $ends[] = Course::through($name, [
                [$x - 1.6 * $pitch, $y, $level], [$x - 0.5 * $pitch, $y, $level],
                ...$stations,
                ...array_map(
                    static fn (array $one): array => [$one[0] + $along, $way * ($apart - $one[1]), $one[2]],
                    \array_slice($hitch, 1),
                ),
            ]);
        }

        return [...$cores, ...$ends];
    }
}
