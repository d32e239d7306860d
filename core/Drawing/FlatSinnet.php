<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Knot\Side;

/**
 * The pictures of a flat run of square knots.
 *
 * The first cord lies over the core in every half knot, going across and back; the second lies behind it (see
 * HalfKnots).
 *
 * @internal
 */
final readonly class FlatSinnet
{
    /** How far, in half knots, copies reach into each other, so that no seam shows. */
    private const JOIN = 0.03;

    private HalfKnots $halves;

    /**
     * @param float $half  half of the core's width, in diameters of the working cord
     * @param float $pitch one half knot along the piece, in the same
     * @param Side  $side  of the cord that crosses first
     */
    public function __construct(
        float $half,
        private float $pitch,
        private Side $side = Side::Left,
    ) {
        $this->halves = new HalfKnots($half, $pitch);
    }

    /**
     * Returns one square knot; copies set one after the other join without a gap.
     */
    public function squareKnot(string $name): Motif
    {
        $sides = [$this->side, $this->side->other()];
        $strands = [];
        foreach (['first' => $this->side, 'second' => $this->side->other()] as $cord => $begins) {
            $stations = $this->halves->stations($begins, $sides);
            $last = \count($stations) - 1;
            // Before and after the knot it goes on as in the middle of it.
            $before = $this->shifted($stations[$last - 1], -2);
            $after = $this->shifted($stations[1], 2);
            $stations[0] = $this->shifted($stations[0], -self::JOIN);
            $stations[$last] = $this->shifted($stations[$last] ?? $stations[0], self::JOIN);
            $strands[] = Course::through($cord, $stations, [$before[0], $before[1]], [$after[0], $after[1]])->strand();
        }

        return new Motif($name, $strands, 2 * $this->pitch);
    }

    /**
     * Returns the bend of the folded working cord behind the core, before the first knot.
     */
    public function start(string $name): Motif
    {
        $strands = [];
        foreach (['first' => $this->side, 'second' => $this->side->other()] as $cord => $begins) {
            $crosses = $begins === $this->side;
            $crest = $this->halves->crest(0, $begins, $crosses);
            $strands[] = Course::through(
                $cord,
                [...$this->halves->start($begins, $crosses), $crest],
            )->strand();
        }

        return new Motif($name, $strands, 0);
    }

    /**
     * Returns the trimmed ends of both working cords, tucked behind the core after the last knot.
     */
    public function finish(string $name): Motif
    {
        $strands = [];
        foreach (['first' => $this->side, 'second' => $this->side->other()] as $cord => $begins) {
            $crosses = $begins === $this->side;
            $stations = [$this->halves->crest(0, $begins, $crosses)];
            foreach (\array_slice(array_reverse($this->halves->start($begins, $crosses)), 0, -1) as [$x, $y, $level]) {
                $stations[] = [-$x, $y, $level];
            }
            $strands[] = Course::through($cord, $stations)->strand();
        }

        return new Motif($name, $strands, 0);
    }

    /**
     * @param array{float, float, int} $station
     *
     * @return array{float, float, int}
     */
    private function shifted(array $station, float $halfKnots): array
    {
        return [$station[0] + $halfKnots * $this->pitch, $station[1], $station[2]];
    }
}
