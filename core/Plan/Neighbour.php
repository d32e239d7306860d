<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Measure\Length;

/**
 * The same piece with a few square knots more or fewer, and what that means for the wearer.
 */
final readonly class Neighbour
{
    /**
     * @param int    $difference square knots against the plan, negative for fewer
     * @param Length $closed     inside girth when pulled shut
     */
    public function __construct(
        public int $difference,
        public int $squareKnots,
        public Length $closed,
        public FitZone $closedZone,
    ) {}
}
