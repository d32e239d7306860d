<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Plan\Plan;

/**
 * Tails to tie by hand.
 */
final readonly class Ties extends Plain
{
    public function closing(Plan $plan): array
    {
        return [
            Step::plain(
                Deed::Close,
                'ties',
                ['tail' => $plan->draft->fastened->tail ?? $plan->draft->fastened->narrow],
            ),
        ];
    }
}
