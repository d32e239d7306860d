<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Plan\Plan;

/**
 * A loop first, sized on its button before it is tightened; the button last.
 */
final readonly class ButtonLoop extends Plain
{
    public function opening(Plan $plan): array
    {
        $wish = $plan->draft->piece->closure;
        $heads = $plan->draft->fastened->loopHeads;
        $flat = $plan->draft->fastened->length ?? $plan->draft->fastened->narrow;

        return $heads > 0
            ? [Step::knots(
                'loop-heads',
                ['count' => $heads * $wish->loops, 'flat' => $flat, 'loops' => $wish->loops],
                [Move::knot((new VerticalLarksHead())->word())],
                $heads * $wish->loops,
                look: 'look-button',
            )]
            : [Step::knots(
                'loop-bound',
                ['count' => $wish->loops, 'flat' => $flat],
                [Move::knot((new Overhand())->word())],
                $wish->loops,
                look: 'look-button',
            )];
    }

    public function closing(Plan $plan): array
    {
        return (new Button($plan))->steps();
    }
}
