<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

use Rinkel\Core\Measure\Length;

/**
 * A net of m columns around something, tied every s along its cords: two cords meet in each knot, alternating from row
 * to row.
 *
 * On a body of the girth G each mesh spreads to half its width, b = G / (2 m): it must be less than s, or the net does
 * not go around. A row is then sqrt(s² − b²) high; with nothing in it, pulled straight, s. A body leaves through a mesh
 * that it can pass: a mesh of four sides s opens to a girth of 4 s at most.
 */
final readonly class RoundNet
{
    public function __construct(
        public int $columns,
        public Length $every,
        public int $rows,
    ) {}

    public function halfWidth(Length $girth): Length
    {
        return $girth->times(1 / (2 * $this->columns));
    }

    public function goesAround(Length $girth): bool
    {
        return $this->halfWidth($girth)->isShorterThan($this->every);
    }

    /**
     * Returns the height of one row around something of $girth, nought when the net does not go around it.
     */
    public function rowHeight(Length $girth): Length
    {
        return Length::ofMillimetres(
            sqrt(max(0.0, $this->every->millimetres ** 2 - $this->halfWidth($girth)->millimetres ** 2)),
        );
    }

    public function depth(Length $girth): Length
    {
        return $this->rowHeight($girth)->times($this->rows);
    }

    /**
     * Returns the depth of the empty net, pulled straight.
     */
    public function depthFlat(): Length
    {
        return $this->every->times($this->rows);
    }

    /**
     * Returns how many rows reach over something of $length and $girth, null when the net does not go around it.
     */
    public function rowsFor(Length $length, Length $girth): ?int
    {
        $height = $this->rowHeight($girth);

        return $height->isZero() ? null : max(1, (int) ceil($length->ratioTo($height) - 1e-9));
    }

    public function holds(Length $girth): bool
    {
        return $girth->isLongerThan($this->every->times(4));
    }
}
