<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Measure\Length;

/**
 * The loops in which a piece ends, one behind the other, and the one that lies around its button.
 */
final readonly class EndLoops
{
    public function __construct(
        private Draft $draft,
        private EndCord $cord,
    ) {}

    /**
     * Returns whether the loops are where the piece begins.
     */
    public function areAtStart(): bool
    {
        return null === $this->draft->fastened->finishLoop;
    }

    public function all(): Scene
    {
        $way = $this->areAtStart() ? -1 : 1;
        $edge = $this->areAtStart() ? 0.0 : $this->draft->body()->millimetres;
        $flat = $this->flat($way);
        $cord = $this->cord;
        $cords = [];
        $reach = 0.0;
        foreach ($this->draft->fastened->sizes as $size) {
            $far = $edge + $way * $size->millimetres;
            $near = $far - $way * $flat;
            $cords[] = $this->between($near, $far, $way);
            $cords[] = Cord::straight(
                min($near, $edge + $way * $reach),
                max($near, $edge + $way * $reach),
                0,
                $cord->thickness,
                $cord->colour,
                $cord->role,
            );
            $reach = $size->millimetres;
        }
        $far = $edge + $way * ($reach + $cord->thickness);

        return new Scene(min($edge, $far), max($edge, $far), 0.64 * $flat + $cord->thickness * 3, $cords, []);
    }

    /**
     * Returns how long a loop at one end lies flat, in mm.
     *
     * @param int $way 1 where the piece ends, -1 where it begins
     */
    public function flat(int $way): float
    {
        $fastened = $this->draft->fastened;

        return (($way > 0 ? $fastened->finishLoop : $fastened->startLoop) ?? Length::zero())->millimetres;
    }

    /**
     * Returns a loop lying between $one and $other; one made of knots is drawn as thick as they are.
     *
     * @param int $way 1 where it comes from the left, -1 where it comes from the right
     */
    public function between(float $one, float $other, int $way): Cord
    {
        [$from, $to] = [
            $way > 0 ? max($one, $other) : min($one, $other),
            $way > 0 ? min($one, $other) : max($one, $other),
        ];
        $half = ($to - $from) / 2;
        $cord = $this->cord;
        $knotted = $this->draft->piece->closure->knotted;

        return new Cord(array_map(
            static fn (int $i): Point => new Point(
                $from + $half + $half * cos(\M_PI * $i / 30),
                // A drop: both strands leave the knot side by side, as cord does that is laid double.
                0.83 * abs($half) * sin(\M_PI * $i / 30) * sin(\M_PI * $i / 60),
            ),
            range(0, 60),
        ), $cord->thickness * ($knotted ? 3 : 1), $cord->colour, $cord->role);
    }
}
