<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Material\Colour;

/**
 * A cord as it leaves the body at either end: where it lies across the piece, in mm.
 *
 * @internal
 */
final readonly class EndCord
{
    public function __construct(
        public float $y,
        public float $thickness,
        public Colour $colour,
        public string $role,
    ) {}
}
