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
 * Two ends glued: to each other, or each into its half of a magnet.
 *
 * @internal
 */
final readonly class ButtedEndsLesson implements Teaching
{
    /**
     * @param bool $holds whether by a magnet
     */
    public function __construct(
        private string $id,
        private bool $holds,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function lesson(): Lesson
    {
        $apart = $this->ends(3.0);
        $drop = static fn (float $x): Thing => Thing::round(Matter::Glue, $x, 0, 1.1, 0.9, 4);

        return new Lesson($this->id, Topic::Closure, $apart, $this->ends($this->holds ? 1.6 : 0.0), [
            'one' => 'working', 'other' => 'working',
        ], $this->holds ? [
            new Frame([], things: [$drop(-3.0), $drop(3.0), ...self::magnets(5.6)]),
            new Frame([], things: self::magnets(2.6)),
            new Frame([], tight: 1.0, things: self::magnets(0.9)),
        ] : [
            new Frame([]),
            new Frame([], things: [$drop(-3.0)]),
            new Frame([], tight: 1.0),
        ]);
    }

    /**
     * @return non-empty-list<Course>
     */
    private function ends(float $gap): array
    {
        return [
            Course::through('one', [[-12, 0, 1], [-6 - $gap / 2, 0, 1], [-0.45 - $gap, 0, 1]]),
            Course::through('other', [[12, 0, 1], [6 + $gap / 2, 0, 1], [0.45 + $gap, 0, 1]]),
        ];
    }

    /**
     * @return list<Thing>
     */
    private static function magnets(float $at): array
    {
        return array_map(static fn (int $way): Thing => Thing::cornered(Matter::Metal, [
            [$way * ($at - 0.9), 1.2], [$way * ($at + 1.5), 1.2],
            [$way * ($at + 1.5), -1.2], [$way * ($at - 0.9), -1.2],
        ], 3), [1, -1]);
    }
}
