<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Geometry\CirclePacking;
use Rinkel\Core\Measure\Length;

/**
 * Cords of one thickness lying together, as the core of a knot holds them: packed, 1 to 4 as a line, pair, triangle or
 * square and more into the smallest circle; or flat, side by side. The count is at least 1.
 *
 * @internal
 */
final readonly class Bundle
{
    public function __construct(
        public Length $thickness,
        public int $count,
        public Lay $lay = Lay::Packed,
    ) {}

    /**
     * Returns the diameter of the smallest hole that takes the whole bundle, unsqueezed.
     */
    public function diameter(): Length
    {
        return $this->thickness->times(CirclePacking::enclosing($this->count));
    }

    /**
     * Returns the bundle's extent across the face of the piece.
     */
    public function width(): Length
    {
        return match (true) {
            1 === $this->count => $this->thickness,
            $this->isFlat() => $this->thickness->times($this->count),
            $this->count <= 4 => $this->thickness->times(2),
            default => $this->diameter(),
        };
    }

    /**
     * Returns the bundle's extent away from the body.
     */
    public function height(): Length
    {
        return match (true) {
            $this->count <= 2, $this->isFlat() => $this->thickness,
            3 === $this->count => $this->thickness->times(1 + sqrt(3) / 2),
            4 === $this->count => $this->thickness->times(2),
            default => $this->diameter(),
        };
    }

    /**
     * Returns the path of one turn of $working around the bundle: the core circles' convex hull, offset by half of
     * $working.
     */
    public function turn(Length $working): Length
    {
        $both = $this->thickness->plus($working)->times(\M_PI);

        return match (true) {
            1 === $this->count => $both,
            $this->isFlat() => $both->plus($this->thickness->times(2 * ($this->count - 1))),
            $this->count <= 4 => $both->plus($this->thickness->times($this->count)),
            default => $this->diameter()->plus($working)->times(\M_PI),
        };
    }

    private function isFlat(): bool
    {
        return Lay::Flat === $this->lay;
    }
}
