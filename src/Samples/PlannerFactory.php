<?php

declare(strict_types=1);

namespace Rinkel\App\Samples;

use Rinkel\Core\Plan\Planner;

/**
 * Makes the planner that plans by this maker's hand, which is read from her samples when it is first wanted.
 */
final readonly class PlannerFactory
{
    public function __construct(private Samples $samples) {}

    public function __invoke(): Planner
    {
        return new Planner(hand: $this->samples->hand(...));
    }
}
