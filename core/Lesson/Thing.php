<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

use Rinkel\Core\Geometry\Point;

/**
 * What lies in a frame besides cords: a bead, a flap of metal, a drop, a flame; as its outline.
 *
 * @internal
 */
final readonly class Thing
{
    /**
     * @param non-empty-list<Point> $outline in diameters of the cord
     * @param int                   $level   as a cord's: what is higher lies over it
     */
    public function __construct(
        public Matter $what,
        public array $outline,
        public int $level,
    ) {}

    /**
     * Returns an ellipse.
     */
    public static function round(Matter $what, float $x, float $y, float $across, float $along, int $level): self
    {
        return new self($what, array_map(static fn (int $i): Point => new Point(
            $x + $along / 2 * cos(2 * \M_PI * $i / 32),
            $y + $across / 2 * sin(2 * \M_PI * $i / 32),
        ), range(0, 31)), $level);
    }

    /**
     * @param non-empty-list<array{float, float}> $corners
     */
    public static function cornered(Matter $what, array $corners, int $level): self
    {
        return new self(
            $what,
            array_map(static fn (array $corner): Point => new Point($corner[0], $corner[1]), $corners),
            $level,
        );
    }

    public function mirrored(): self
    {
        return new self(
            $this->what,
            array_map(static fn (Point $point): Point => new Point($point->x, -$point->y), $this->outline),
            $this->level,
        );
    }
}
