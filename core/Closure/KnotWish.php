<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Knot\BarrelKnot;

/**
 * What is wished of the knots that close a piece.
 *
 * @internal
 */
final readonly class KnotWish
{
    /**
     * @param int  $knots  square knots in a slider
     * @param int  $wraps  of a sliding barrel or a stop
     * @param bool $glued  whether glue goes on the cords that a slider runs on, or the knot on elastic
     * @param bool $spaced whether that barrel is one of the piece's evenly spaced knots
     * @param bool $plain  whether the knot of elastic is a plain one, of two overhands
     */
    public function __construct(
        public int $knots = 4,
        public int $wraps = BarrelKnot::USUAL,
        public bool $glued = false,
        public bool $spaced = false,
        public bool $plain = false,
    ) {}
}
