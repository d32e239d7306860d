<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\HalfKnot;

/**
 * The pictures of a spiral of half knots.
 *
 * Tied always from the same side, each working cord goes across the front and back behind the core by turns: both are
 * helices, half a turn apart. Where they hook into each other they stand out, on both edges; the edges turn with the
 * sinnet, once in 8 half knots on one core, 10 on two to four, 12 on more (±2; docs/model.md). What is painted is the
 * projection of that.
 *
 * @internal
 */
final readonly class SpiralSinnet
{
    private const BEHIND = -1;
    private const FRONT = 1;

    /** Points for one half knot. */
    private const STEPS = 12;

    /** How far, in half knots, spans reach into each other, so that no seam shows. */
    private const JOIN = 0.08;

    public int $perTurn;

    /**
     * @param float $half  half of the core's width, in diameters of the working cord
     * @param float $pitch one half knot along the piece, in the same
     * @param int   $hand  1 for left cord over, -1 for right cord over
     */
    public function __construct(
        private float $half,
        private float $pitch,
        private int $hand,
        int $cores,
    ) {
        $this->perTurn = HalfKnot::perTurn($cores);
    }

    /**
     * Returns $count half knots, the first of them the $from-th of its turn, from 0.
     */
    public function halfKnots(string $name, int $from, int $count): Motif
    {
        return new Motif(
            $name.'-'.$from.'-'.$count,
            array_map(
                fn (int $side): Strand => new Strand(
                    0 === $side ? 'first' : 'second',
                    $this->spans(($side + ($this->hand > 0 ? 0 : 1)) * \M_PI, $from, $count),
                ),
                [0, 1],
            ),
            $count * $this->pitch,
        );
    }

    /**
     * Returns one cord's stretches before and behind the core.
     *
     * @return list<Span>
     */
    private function spans(float $phase, int $from, int $count): array
    {
        $spans = [];
        $points = [];
        $level = null;
        $steps = (int) round(($count + 2 * self::JOIN) * self::STEPS);
        for ($i = 0; $i <= $steps; ++$i) {
            $t = $from - self::JOIN + ($count + 2 * self::JOIN) * $i / $steps;
            $angle = $phase + $this->hand * (\M_PI + 2 * \M_PI / $this->perTurn) * $t;
            $radius = $this->half + 0.5 + 0.4 * cos(\M_PI * $t) ** 2;
            $point = new Point(($t - $from) * $this->pitch, $radius * cos($angle));
            $now = sin($angle) >= 0 ? self::FRONT : self::BEHIND;
            if (null !== $level && $now !== $level) {
                $spans[] = new Span($level, [...$points, $point]);
                $points = [$points[\count($points) - 1]];
            }
            $level = $now;
            $points[] = $point;
        }

        return null === $level ? $spans : [...$spans, new Span($level, $points)];
    }
}
