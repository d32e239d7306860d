<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

use Rinkel\Core\Measure\Length;

/**
 * A net of m columns around a stone: two cords meet in each knot, alternating from row to row; each row has its own
 * spacing s along the cords, the lowest first.
 *
 * Where the stone is G around, each mesh spreads to half its width, b = G / (2 m): it must be less than s, or the net
 * does not go around. A row then climbs sqrt(s² − b²) along the stone's side; with nothing in it, pulled straight, s.
 * The side is taken as that of a spheroid as long and as wide as the stone, from its lower tip to its upper. A stone
 * leaves through a mesh that it can pass: one with two sides s and two sides t above opens to a girth of 2 (s + t).
 *
 * @internal
 */
final readonly class RoundNet
{
    /** Steps from tip to tip in which a side is walked. */
    private const STEPS = 720;

    /** Rows that are walked at most. */
    private const MOST = 400;

    /**
     * @param int                    $columns knots in a row, from 1
     * @param non-empty-list<Length> $rows    spacing of each, the lowest first
     */
    public function __construct(
        public int $columns,
        public array $rows,
    ) {}

    public static function even(int $columns, Length $every, int $rows): self
    {
        return new self($columns, array_fill(0, max(1, $rows), $every));
    }

    /**
     * Returns a net that goes around a stone of $length and $girth and holds it: as wide as its meshes can be with a
     * fifth to spare, in half millimetres, and as many rows as reach over it.
     */
    public static function around(int $columns, Length $length, Length $girth): self
    {
        $every = Length::ofMillimetres(max(2.0, floor($girth->millimetres / 4 * 0.8 * 2) / 2));
        $rows = self::even($columns, $every, 1)->rowsFor($length, $girth);

        return self::even($columns, $every, $rows ?? 1);
    }

    /**
     * Returns the girth that the net opens to where it opens least.
     */
    public function most(): Length
    {
        return $this->narrowest()->times(2 * $this->columns);
    }

    public function goesAround(Length $girth): bool
    {
        return $girth->isShorterThan($this->most());
    }

    /**
     * Returns the depth of the empty net, pulled straight.
     */
    public function depthFlat(): Length
    {
        return Length::sum(...$this->rows);
    }

    /**
     * Returns how far the rows reach along the side of something as wide all along as $girth, zero where one does not
     * go around it.
     */
    public function depth(Length $girth): Length
    {
        return Length::sum(...array_map(
            fn (Length $every): Length => Length::ofMillimetres($this->climb($every, $girth->millimetres)),
            $this->rows,
        ));
    }

    /**
     * Returns where the knots of each row lie on a stone of $length and $girth, from the linked middles at its lower
     * tip on: how far from its axis and how high above that tip, in mm. Rows beyond the upper tip stand straight up.
     *
     * @return non-empty-list<Point>
     */
    public function on(Length $length, Length $girth): array
    {
        $knots = [new Point(0.0, 0.0)];
        $tip = $length->millimetres;
        foreach ($this->walk($length, $girth, \count($this->rows)) as $at) {
            $knots[] = self::place($length, $girth, $at);
        }
        for ($row = \count($knots); $row <= \count($this->rows); ++$row) {
            $tip += $this->rows[$row - 1]->millimetres;
            $knots[] = new Point(0.0, $tip);
        }

        return $knots;
    }

    /**
     * Returns how many rows reach over a stone of $length and $girth, all further ones spaced like the last; null when
     * the net does not go around it.
     */
    public function rowsFor(Length $length, Length $girth): ?int
    {
        return $this->goesAround($girth) ? 1 + \count($this->walk($length, $girth, self::MOST)) : null;
    }

    public function holds(Length $girth): bool
    {
        return $girth->isLongerThan($this->mesh());
    }

    /**
     * Returns the girth to which the widest mesh opens.
     */
    public function mesh(): Length
    {
        $opens = [$this->rows[0]->times(\count($this->rows) > 1 ? 0 : 4)];
        foreach (\array_slice($this->rows, 1) as $i => $every) {
            $opens[] = $this->rows[$i]->plus($every)->times(2);
        }

        return Length::longest(...$opens);
    }

    private function narrowest(): Length
    {
        return array_reduce(
            $this->rows,
            static fn (Length $least, Length $every): Length => $every->isShorterThan($least) ? $every : $least,
            $this->rows[0],
        );
    }

    /**
     * Returns the angles at which the rows end on the way up, those below the upper tip, $most of them at most.
     *
     * @return list<float>
     */
    private function walk(Length $length, Length $girth, int $most): array
    {
        [$ends, $climbed] = [[], 0.0];
        [$high, $wide] = [$length->millimetres / 2, $girth->millimetres / 2 / \M_PI];
        $step = \M_PI / self::STEPS;
        for ($i = 0; $i < self::STEPS && \count($ends) < $most; ++$i) {
            $at = ($i + 0.5) * $step;
            $every = $this->rows[\count($ends)] ?? $this->rows[\count($this->rows) - 1];
            $climbed += hypot($wide * cos($at), $high * sin($at)) * $step
                / max(0.01, $this->climb($every, $girth->millimetres * sin($at)));
            if ($climbed >= 1.0) {
                $ends[] = ($i + 1) * $step;
                --$climbed;
            }
        }

        return $ends;
    }

    private function climb(Length $every, float $girth): float
    {
        return sqrt(max(0.0, $every->millimetres ** 2 - ($girth / 2 / $this->columns) ** 2));
    }

    private static function place(Length $length, Length $girth, float $at): Point
    {
        return new Point(
            $girth->millimetres / 2 / \M_PI * sin($at),
            $length->millimetres / 2 * (1 - cos($at)),
        );
    }
}
