<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Geometry\Point;

/**
 * Where a cord crosses itself.
 *
 * @internal
 */
final readonly class WayCrossing
{
    /**
     * @param float $first  where on its way the cord comes here first, in points
     * @param float $second where it comes here again
     * @param float $turn   sine of the angle between the two, above nothing where the second goes to the left of the
     *                      first
     * @param bool  $isOver whether it goes over where it comes first: that lies above what comes later
     */
    public function __construct(
        public Point $at,
        public float $first,
        public float $second,
        public float $turn,
        public bool $isOver = false,
    ) {}

    public function over(bool $isOver): self
    {
        return new self($this->at, $this->first, $this->second, $this->turn, $isOver);
    }
}
