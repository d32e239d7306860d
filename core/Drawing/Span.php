<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Point;

/**
 * A stretch of a strand at one level: below 0 behind the core, above 0 before it; the higher lies over the lower.
 */
final readonly class Span
{
    /**
     * @param list<Point> $points
     */
    public function __construct(
        public int $level,
        public array $points,
    ) {}
}
