<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * A point of a drawing; x along the piece, y across it. A piece is drawn with its beginning on the left: turned so that
 * the beginning lies uppermost, as it is worked, what is below in the drawing is on the maker's left. The unit is that
 * of the drawing it is in: millimetres in a scene, diameters of the working cord in a motif.
 *
 * @internal
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
