<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Knot\Side;

/**
 * Half knots around a core, one after the other, each from its side: the ways of both working cords.
 *
 * The cord that crosses lies before the core; the other goes behind it, coming up through the first one's loop on
 * either edge and over it. So each edge shows, turn by turn, an arch of the cord behind and, tucked between two arches,
 * a turn of the one before: the arches are the bumps by which a maker counts.
 *
 * @internal
 */
final readonly class HalfKnots
{
    private const BEHIND = -1;
    private const FRONT = 1;
    private const ARCH = 2;

    /**
     * @param float $half  half of the core's width, in diameters of the working cord
     * @param float $pitch one half knot along the piece, in the same
     * @param float $ease  how much further out than tied the loops lie
     */
    public function __construct(
        private float $half,
        private float $pitch,
        private float $ease = 1.0,
    ) {}

    /**
     * Returns where a cord of the first half knot lies before it: it turns on its edge.
     *
     * @param Side $of the cord that begins on that side
     *
     * @return array{float, float, int}
     */
    public function crest(float $along, Side $of, bool $crosses): array
    {
        return $this->station([$along, $crosses ? 0.75 : 1.00, $crosses ? self::FRONT : self::ARCH], $of);
    }

    /**
     * Returns the stations of the cord that begins on a side, from its turn before the first of these half knots to the
     * one after the last.
     *
     * @param non-empty-list<Side> $sides the cord that crosses in front, for each half knot
     *
     * @return non-empty-list<array{float, float, int}>
     */
    public function stations(Side $begins, array $sides): array
    {
        $at = $begins;
        $stations = [$this->crest(0, $at, $sides[0] === $at)];
        foreach ($sides as $n => $side) {
            $isFront = $side === $at;
            $isFrontNext = isset($sides[$n + 1]) ? $sides[$n + 1] !== $at : $isFront;
            $other = $at->other();
            $out = $isFront === $isFrontNext ? ($isFront ? 0.75 : 1.00) : 0.9;
            foreach ($isFront ? [
                [0.30, 0.45, self::FRONT, $at], [0.45, -0.05, self::FRONT, $at],
                [0.55, -0.05, self::FRONT, $other], [0.70, 0.45, self::FRONT, $other],
            ] : [
                [0.28, 0.86, self::ARCH, $at], [0.52, 0.42, self::ARCH, $at], [0.68, 0.02, self::BEHIND, $at],
                [0.60, -0.25, self::BEHIND, $at], [0.40, -0.25, self::BEHIND, $other],
                [0.32, 0.02, self::ARCH, $other], [0.48, 0.42, self::ARCH, $other], [0.72, 0.86, self::ARCH, $other],
            ] as [$along, $beyond, $level, $edge]) {
                $stations[] = $this->station([$n + $along, $beyond, $level], $edge);
            }
            $stations[] = $this->station([$n + 1, $out, $isFrontNext ? self::FRONT : self::ARCH], $other);
            $at = $other;
        }

        return $stations;
    }

    /**
     * Returns the stations of the folded working cord's half behind the core, from its fold to where it turns before
     * the first half knot.
     *
     * @return non-empty-list<array{float, float, int}>
     */
    public function start(Side $of, bool $crosses): array
    {
        $out = $crosses ? 0.75 : 1.00;

        return array_map(fn (array $station): array => $this->station($station, $of), [
            [-0.42, -$this->half / $this->ease, self::BEHIND], [-0.41, -0.20, self::BEHIND],
            [-0.36, 0.10, self::BEHIND], [-0.26, $out - 0.30, self::BEHIND], [-0.12, $out - 0.06, self::BEHIND],
        ]);
    }

    /**
     * Returns the way of the cord that begins on a side: behind the core, and through all half knots.
     *
     * @param non-empty-list<Side> $sides
     */
    public function course(string $name, Side $begins, array $sides): Course
    {
        $stations = $this->stations($begins, $sides);
        $start = $this->start($begins, $sides[0] === $begins);
        $other = $this->start($begins->other(), $sides[0] !== $begins);

        return Course::through($name, [...$start, ...$stations], [$other[1][0], $other[1][1]]);
    }

    /**
     * @param array{float, float, int} $station half knots along, diameters outside the edge, level
     *
     * @return array{float, float, int}
     */
    private function station(array $station, Side $edge): array
    {
        [$along, $beyond, $level] = $station;
        $way = Side::Left === $edge ? 1 : -1;

        return [$along * $this->pitch, $way * ($this->half + $beyond * $this->ease), $level];
    }
}
