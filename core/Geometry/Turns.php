<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * A way gone round several times, each turn aside from the one before it by a fixed step.
 *
 * @internal
 */
final readonly class Turns implements Path
{
    /**
     * @param float $around once, more than 0
     * @param float $middle what lies at 0 of the way, along the piece
     * @param Point $aside  from each turn to the next
     * @param bool  $behind whether it is seen from behind, left and right changed
     */
    public function __construct(
        private Path $way,
        private float $around,
        private float $middle,
        private Point $aside,
        private bool $behind = false,
    ) {}

    public function at(float $x, float $y): Point
    {
        [$turn, $along] = $this->turn($x);
        $at = $this->way->at($along, $this->behind ? -$y : $y);
        $point = new Point($at->x + $turn * $this->aside->x, $at->y + $turn * $this->aside->y);

        return $this->behind ? new Point(-$point->x, $point->y) : $point;
    }

    public function frame(float $x): LocalFrame
    {
        [, $along] = $this->turn($x);
        $frame = $this->way->frame($along);
        // It runs to the right where it lies in front, and back to the left behind.
        $faces = $this->behind === $frame->along->x < 0;
        if (!$this->behind) {
            return new LocalFrame($frame->along, $frame->beside, $frame->tilt, $faces);
        }

        return new LocalFrame(
            new Point(-$frame->along->x, $frame->along->y),
            new Point($frame->beside->x, -$frame->beside->y),
            $frame->tilt,
            $faces,
        );
    }

    /**
     * @return array{float, float} which turn, 0 for the one with the middle, and how far along it
     */
    private function turn(float $x): array
    {
        $turn = round(($x - $this->middle) / $this->around);

        return [$turn, $x - $this->middle - $turn * $this->around];
    }
}
