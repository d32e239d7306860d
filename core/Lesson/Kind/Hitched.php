<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\Hitches;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * Hitches that one cord ties along a core: a half hitch, or a vertical lark's head of two.
 *
 * @internal
 */
final readonly class Hitched implements Teaching
{
    private const PITCH = 6.0;
    private const TIED = 2.0;

    /**
     * @param non-empty-list<bool> $over whether each goes over the core first
     */
    public function __construct(
        private string $id,
        private array $over,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function lesson(): Lesson
    {
        $cord = (new Hitches($this->over, 1.0, self::PITCH, 2.4))->course('left');
        $frames = [];
        foreach ($this->over as $n => $isOver) {
            $frames[] = new Frame(['left' => $cord->station(4 + 10 * $n)], 'left', Side::Left);
            $frames[] = new Frame(['left' => $cord->station(10 + 10 * $n)], 'left', Side::Right);
        }
        $frames[] = new Frame([], pulls: [new Pull('left')], tight: 1.0);

        return new Lesson(
            $this->id,
            Topic::Knot,
            [$this->core(self::PITCH), $cord],
            [$this->core(self::TIED), (new Hitches($this->over, 0.6, self::TIED, 1.0))->course('left')],
            ['left' => 'working', 'core' => 'core'],
            $frames,
        );
    }

    private function core(float $pitch): Course
    {
        $end = \count($this->over) * $pitch;

        return Course::through('core', [[-0.9 * $pitch, 0, 0], [$end / 2, 0, 0], [$end + 0.4 * $pitch, 0, 0]]);
    }
}
