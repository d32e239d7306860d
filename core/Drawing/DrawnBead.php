<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Material\Bead;

/**
 * A bead at its place, its hole along the cord; in mm.
 *
 * @internal
 */
final readonly class DrawnBead
{
    /**
     * @param float $x    where it begins along the piece
     * @param float $y    of its axis
     * @param float $turn of its hole against the piece, in degrees clockwise
     */
    public function __construct(
        public string $name,
        public Bead $bead,
        public float $x,
        public float $y,
        public ?string $letter = null,
        public float $turn = 0.0,
    ) {}

    public function end(): float
    {
        return $this->x + $this->bead->length->millimetres;
    }
}
