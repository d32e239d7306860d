<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * The cord of hitches along a core: each around it and through its own loop, over the core first or behind it first.
 *
 * @internal
 */
final readonly class Hitches
{
    private const BEHIND = -1;
    private const FRONT = 1;
    private const OUTSIDE = 2;

    /**
     * @param non-empty-list<bool> $over  whether each goes over the core first
     * @param float                $half  half of the core's width, in diameters of the cord
     * @param float                $pitch of one hitch, in the same
     * @param float                $ease  how much further out than tied it lies
     */
    public function __construct(
        private array $over,
        private float $half,
        private float $pitch,
        private float $ease = 1.0,
    ) {}

    /**
     * Returns the stations of the cord, from beside the core and back there.
     *
     * @return non-empty-list<array{float, float, int}>
     */
    public function stations(): array
    {
        $out = fn (float $beyond): float => $this->half + $beyond * $this->ease;
        $stations = [[-0.9 * $this->pitch, $out(0.7), self::OUTSIDE]];
        foreach ($this->over as $n => $isOver) {
            [$there, $back, $own] = $isOver
                ? [self::FRONT, self::BEHIND, self::OUTSIDE]
                : [self::BEHIND, self::FRONT, self::FRONT];
            // Before the core it leaves lies what comes back: over it, or under it.
            $comes = $isOver ? self::FRONT : self::OUTSIDE;
            foreach ([
                [-0.25, $out(0.65), $comes], [0.2, $out(0.6), $comes], [0.5, $out(0.0), $there],
                [0.62, -$out(0.0), $there], [0.52, -$out(0.62), $back], [0.3, -$out(0.45), $back],
                [0.22, -$out(-0.1), $back], [0.05, $out(0.0), $own], [0.02, $out(0.7), $own],
                [0.14, $out(1.35), self::OUTSIDE],
            ] as [$along, $y, $level]) {
                $stations[] = [($n + $along) * $this->pitch, $y, $level];
            }
        }
        $stations[] = [(\count($this->over) - 0.35) * $this->pitch, $out(1.3), self::OUTSIDE];
        $stations[] = [(\count($this->over) + 0.4) * $this->pitch, $out(0.75), self::OUTSIDE];

        return $stations;
    }

    public function course(string $name): Course
    {
        return Course::through($name, $this->stations());
    }
}
