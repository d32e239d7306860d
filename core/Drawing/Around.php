<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Material\Colour;

/**
 * What a run of knots is tied around.
 *
 * @internal
 */
final readonly class Around
{
    /**
     * @param float        $half    half the width of what it is tied around, in mm
     * @param int          $cores   cords inside, or ropes side by side
     * @param list<Colour> $colours of ropes side by side
     */
    public function __construct(
        public float $half = 0.0,
        public int $cores = 1,
        public array $colours = [],
    ) {}
}
