<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Plan\Plan;

/**
 * A bead that slides on the tails of both sides, and a stop on each.
 */
final readonly class SlideBead extends Plain
{
    public function closing(Plan $plan): array
    {
        return [
            Step::plain(Deed::Close, 'slide-bead', [], [Tool::Needle]),
            ...(new Stops($plan))->steps(),
            Step::plain(Deed::Try, 'try-slider', ['open' => $plan->draft->open()], look: 'look-glides'),
        ];
    }
}
