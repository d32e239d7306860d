<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * Where everything of a piece lies when it is laid out straight; in mm, x from the start of the band, y from its axis.
 *
 * Painting order: what lies behind the core, the straight cords, what lies before it by rising level.
 */
final readonly class Scene
{
    /**
     * @param float          $left      leftmost x
     * @param float          $right     rightmost x
     * @param float          $height    extent across, symmetric to the axis
     * @param list<Straight> $straights in the core's colour
     * @param list<Placed>   $placed    in the working cord's colour
     * @param list<Placed>   $stops     knots in the core's own ends
     */
    public function __construct(
        public float $left,
        public float $right,
        public float $height,
        public array $straights,
        public array $placed,
        public array $stops,
    ) {}
}
