<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Plan\Plan;

/**
 * All ends in one overhand, for good: it goes over the head.
 */
final readonly class ForGood extends Plain
{
    public function closing(Plan $plan): array
    {
        return [
            Step::plain(Deed::Try, 'try-over', ['open' => $plan->draft->open()]),
            Step::knots('knot-for-good', [], [Move::knot((new Overhand())->word())], 1, look: 'look-place'),
        ];
    }
}
