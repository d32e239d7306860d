<?php

declare(strict_types=1);

namespace Rinkel\App\Samples;

use Doctrine\DBAL\Exception as DatabaseFailure;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Plan\Planner;

/**
 * Makes the planner that plans by this maker's hand, which is read from their samples when it is first wanted.
 */
final readonly class PlannerFactory
{
    public function __construct(private Samples $samples) {}

    public function __invoke(): Planner
    {
        return new Planner(hand: $this->hand(...));
    }

    private function hand(): Hand
    {
        try {
            return $this->samples->hand();
        } catch (DatabaseFailure) {
            // A piece in a file is planned without any database; whoever shows a stored one says what is wrong with it.
            return new Hand();
        }
    }
}
