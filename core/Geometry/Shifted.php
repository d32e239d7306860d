<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * A way that begins elsewhere: what lies at x on it lies at x + $by on the other.
 */
final readonly class Shifted implements Way
{
    public function __construct(
        private Way $way,
        private float $by,
    ) {}

    public function at(float $x, float $y): Point
    {
        return $this->way->at($x + $this->by, $y);
    }

    public function turnAt(float $x): float
    {
        return $this->way->turnAt($x + $this->by);
    }
}
