<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Knot\Side;

/**
 * The pictures of a flat run of square knots.
 *
 * The first cord lies over the core in every half knot, going across and back; the second lies behind it, coming up
 * through the first one's loop on either edge and over it. So each edge shows, turn by turn, an arch of the second cord
 * and, tucked between two arches, a turn of the first: the arches are the bumps by which a maker counts.
 */
final readonly class FlatSinnet
{
    private const FAR = -1;
    private const NEAR = 1;

    private const BEHIND = -1;
    private const FRONT = 1;
    private const ARCH = 2;

    /** How far, in half knots, copies reach into each other, so that no seam shows. */
    private const JOIN = 0.03;

    /**
     * @param float $half  half of the core's width, in diameters of the working cord
     * @param float $pitch one half knot along the piece, in the same
     * @param Side  $side  of the cord that crosses first; from the right all of it is the other way round
     */
    public function __construct(
        private float $half,
        private float $pitch,
        private Side $side = Side::Left,
    ) {}

    /**
     * Returns one square knot; copies set one after the other join without a gap.
     */
    public function squareKnot(string $name): Motif
    {
        $first = [
            new Span(self::FRONT, $this->curve([
                [-0.30, self::FAR, 0.45], [-self::JOIN, self::FAR, 0.75], [0.30, self::FAR, 0.45], [0.45, self::FAR, -0.05],
                [0.55, self::NEAR, -0.05], [0.70, self::NEAR, 0.45], [1.00, self::NEAR, 0.75],
                [1.30, self::NEAR, 0.45], [1.45, self::NEAR, -0.05], [1.55, self::FAR, -0.05],
                [1.70, self::FAR, 0.45], [2 + self::JOIN, self::FAR, 0.75], [2.30, self::FAR, 0.45],
            ])),
        ];
        $second = [
            new Span(
                self::ARCH,
                $this->curve(
                    [
                        [-0.28, self::NEAR, 0.86],
                        [-self::JOIN, self::NEAR, 1.00],
                        ...\array_slice($this->archInto(0.0, self::NEAR), 1),
                    ],
                ),
            ),
            new Span(self::BEHIND, $this->curve($this->crossingBehind(0.0, self::NEAR))),
            new Span(
                self::ARCH,
                $this->curve(
                    [...$this->archOutOf(0.0, self::FAR), ...\array_slice($this->archInto(1.0, self::FAR), 1)],
                ),
            ),
            new Span(self::BEHIND, $this->curve($this->crossingBehind(1.0, self::FAR))),
            new Span(
                self::ARCH,
                $this->curve(
                    [
                        ...$this->archOutOf(1.0, self::NEAR),
                        [2 + self::JOIN, self::NEAR, 1.00],
                        [2.28, self::NEAR, 0.86],
                    ],
                ),
            ),
        ];

        return new Motif($name, [new Strand('first', $first), new Strand('second', $second)], 2 * $this->pitch);
    }

    /**
     * Returns the bend of the folded working cord behind the core, before the first knot.
     */
    public function start(string $name): Motif
    {
        return new Motif($name, [
            new Strand('first', [new Span(self::BEHIND, $this->curve([
                [0.30, self::FAR, 0.45], [0.00, self::FAR, 0.75], [-0.28, self::FAR, 0.50], [-0.40, self::FAR, 0.10],
                [-0.42, self::NEAR, -0.20], [-0.40, self::NEAR, 0.20],
            ]))]),
            new Strand('second', [new Span(self::BEHIND, $this->curve([
                [-0.42, self::NEAR, -0.20], [-0.42, self::NEAR, 0.10], [-0.28, self::NEAR, 0.70], [0.00, self::NEAR, 1.00], [0.30, self::NEAR, 0.86],
            ]))]),
        ], 0);
    }

    /**
     * Returns the trimmed ends of both working cords, tucked behind the core after the last knot.
     */
    public function finish(string $name): Motif
    {
        return new Motif($name, [
            new Strand('first', [new Span(self::BEHIND, $this->curve([
                [-0.30, self::FAR, 0.45], [0.00, self::FAR, 0.75], [0.28, self::FAR, 0.50], [0.38, self::FAR, 0.15], [0.40, self::FAR, -0.10],
            ]))]),
            new Strand('second', [new Span(self::BEHIND, $this->curve([
                [-0.30, self::NEAR, 0.86], [0.00, self::NEAR, 1.00], [0.28, self::NEAR, 0.70], [0.40, self::NEAR, 0.20], [0.40, self::NEAR, -0.10],
            ]))]),
        ], 0);
    }

    /**
     * Returns an arch's way from its crest at $from over the first cord into its loop on the same edge.
     *
     * @return list<array{float, int, float}>
     */
    private function archInto(float $from, int $edge): array
    {
        return [
            [$from, $edge, 1.00], [$from + 0.28, $edge, 0.86], [$from + 0.52, $edge, 0.42], [$from + 0.68, $edge, 0.02],
            [$from + 0.72, $edge, -0.30],
        ];
    }

    /**
     * Returns the way of the half knot at $from, from the loop on $edge behind the core to the loop on the other.
     *
     * @return list<array{float, int, float}>
     */
    private function crossingBehind(float $from, int $edge): array
    {
        return [
            [$from + 0.52, $edge, 0.42], [$from + 0.68, $edge, 0.02], [$from + 0.60, $edge, -0.25],
            [$from + 0.40, -$edge, -0.25], [$from + 0.32, -$edge, 0.02], [$from + 0.48, -$edge, 0.42],
        ];
    }

    /**
     * Returns an arch's way out of the first cord's loop on $edge, over the first cord to its crest one half knot after
     * $from.
     *
     * @return list<array{float, int, float}>
     */
    private function archOutOf(float $from, int $edge): array
    {
        return [
            [$from + 0.28, $edge, -0.30], [$from + 0.32, $edge, 0.02], [$from + 0.48, $edge, 0.42], [$from + 0.72, $edge, 0.86],
            [$from + 1.00, $edge, 1.00],
        ];
    }

    /**
     * Returns the smooth line through points given as half knots along, edge, and diameters outside that edge.
     *
     * @param list<array{float, int, float}> $points
     *
     * @return list<\Rinkel\Core\Geometry\Point>
     */
    private function curve(array $points): array
    {
        $way = Side::Left === $this->side ? 1 : -1;

        return Curve::between(array_map(
            fn (array $point): array => [$point[0] * $this->pitch, $way * $point[1] * ($this->half + $point[2])],
            $points,
        ));
    }
}
