<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Material\Colour;

/**
 * A stretch of a strand at one level: below 0 behind the core, above 0 before it; the higher lies over the lower.
 *
 * @internal
 */
final readonly class Span
{
    /**
     * @param list<Point> $points
     * @param Colour|null $colour of its own, where a knot is tied with several; else that of the knot's cord
     */
    public function __construct(
        public int $level,
        public array $points,
        public ?Colour $colour = null,
    ) {}
}
