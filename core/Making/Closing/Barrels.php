<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Plan\Plan;

/**
 * Barrels that slide, each at the end of its tail around the other; of one, the other tail has a stop.
 */
final readonly class Barrels extends Plain
{
    /**
     * @param int $sliding 1 or 2
     */
    public function __construct(private int $sliding) {}

    public function closing(Plan $plan): array
    {
        $move = [Move::knot((new Barrel())->word())];
        $values = [
            'turns' => $plan->draft->piece->closure->wraps,
            'tail' => $plan->draft->fastened->tail ?? $plan->draft->fastened->narrow,
            'count' => $this->sliding,
        ];

        return [
            Step::plain(Deed::Close, 'cross-tails', [], [Tool::Clip]),
            Step::knots('sliding-barrels', $values, $move, $this->sliding, look: 'look-place', tools: [Tool::Straw]),
            ...(1 === $this->sliding
                ? [Step::knots('stop-barrel', $values, $move, 1, look: 'look-place', tools: [Tool::Straw])]
                : []),
            Step::plain(Deed::Try, 'try-slider', ['open' => $plan->draft->open()], look: 'look-glides'),
        ];
    }
}
