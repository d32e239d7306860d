<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Plan\Plan;

/**
 * Findings on both ends, hung in and tried before anything is tightened.
 */
final readonly class Findings extends Plain
{
    public function __construct(private string $what) {}

    public function closing(Plan $plan): array
    {
        $count = max(1, \count($plan->draft->fastened->findings));

        return [
            Step::plain(Deed::Close, $this->what, ['count' => $count], [Tool::Pliers], look: 'look-rings'),
            Step::plain(Deed::Try, 'try-clasp', ['worn' => $plan->draft->worn()]),
        ];
    }
}
