<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Making\Acting;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Plan\Plan;

/**
 * Square knots of a cord of its own over both sides' tails, then a stop on each.
 */
final readonly class SquareSlider extends Plain
{
    public function closing(Plan $plan): array
    {
        $side = $plan->draft->piece->habits->side;
        $word = (new Square())->word();
        $knots = $plan->draft->piece->closure->knots;

        return [
            Step::plain(Deed::Close, 'overlap-tails', ['gap' => $plan->draft->fastened->narrow], [Tool::Clip]),
            Step::knots(
                'slider',
                ['count' => $knots, 'length' => $plan->draft->fastened->length ?? $plan->draft->fastened->narrow],
                [
                    Move::half($word, $side),
                    Move::half($word, $side->other()),
                ],
                2 * $knots,
                'slider',
                Acting::Both,
                'look-snug',
            ),
            ...(new Stops($plan))->steps(),
            Step::plain(Deed::Try, 'try-slider', ['open' => $plan->draft->open()], look: 'look-glides'),
        ];
    }
}
