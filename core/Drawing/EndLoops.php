<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Geometry\Point;

/**
 * The loops in which a piece ends, one behind the other, and the one that lies around its button.
 */
final readonly class EndLoops
{
    /**
     * @param float $flat length of the first, lying flat, in mm
     */
    public function __construct(
        private Draft $draft,
        private EndCord $cord,
        private float $flat,
    ) {}

    public function all(): Scene
    {
        $body = $this->draft->body()->millimetres;
        $cords = [];
        $from = 0.0;
        $cord = $this->cord;
        $flat = $this->flat;
        foreach ($this->draft->fastened->sizes as $size) {
            $to = $size->millimetres;
            $cords[] = $this->between(-$to, -$to + $flat);
            $cords[] = Cord::straight(-$to + $flat, -$from, 0, $cord->thickness, $cord->colour, $cord->role);
            $from = $to;
        }

        return new Scene(-$from - $cord->thickness, $body, 0.64 * $flat + $cord->thickness * 3, $cords, []);
    }

    /**
     * Returns a loop lying between $from and $to; one made of knots is drawn as thick as they are.
     */
    public function between(float $from, float $to): Cord
    {
        $half = ($to - $from) / 2;
        $cord = $this->cord;
        $knotted = $this->draft->piece->closure->knotted;

        return new Cord(array_map(
            static fn (int $i): Point => new Point(
                $from + $half + $half * cos(\M_PI * $i / 30),
                // A drop: both strands leave the knot side by side, as cord does that is laid double.
                0.83 * $half * sin(\M_PI * $i / 30) * sin(\M_PI * $i / 60),
            ),
            range(0, 60),
        ), $cord->thickness * ($knotted ? 3 : 1), $cord->colour, $cord->role);
    }
}
