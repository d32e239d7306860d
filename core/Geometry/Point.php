<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * A point of a drawing; x along the piece, y across it, growing towards the maker. The unit is that of the drawing it
 * is in: millimetres in a scene, diameters of the working cord in a motif.
 */
final readonly class Point
{
    public function __construct(
        public float $x,
        public float $y,
    ) {}

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }
}
