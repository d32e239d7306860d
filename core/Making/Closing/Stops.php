<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Strung;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Said;

/**
 * What is at the tips of tails: a stop of all cords of a side or of each, a bead, frayed ends.
 */
final readonly class Stops
{
    public function __construct(private Plan $plan) {}

    /**
     * @param int $sides that have tails with a stop
     *
     * @return list<Step>
     */
    public function steps(int $sides = 2): array
    {
        $tails = $this->plan->draft->piece->closure->tails;
        $cords = $this->plan->draft->construction->ends($this->plan->draft->piece)->count;
        $stops = $sides * (true === $tails?->ownStops ? $cords : 1);
        $beads = [];
        foreach ($this->plan->draft->fastened->beads as $name => $count) {
            $beads[] = new Step(
                Deed::Bead,
                new Said('bead-tips', ['count' => $count, 'bead' => (string) $name]),
                [Move::bead(new Strung((string) $name))],
                $count,
            );
        }

        return [
            ...$beads,
            Step::knots(
                null === $tails?->unequal ? 'stops' : 'stops-unequal',
                [
                    'count' => $stops,
                    'tail' => $this->plan->draft->fastened->tail ?? $this->plan->draft->piece->habits->tailEnd(),
                    'step' => $tails->unequal ?? $this->plan->draft->piece->habits->tailEnd(),
                ],
                [Move::knot((new Overhand())->word())],
                $stops,
            ),
            ...(true === $tails?->frayed
                ? [Step::plain(Deed::Secure, 'fray', [], [Tool::Pliers])]
                : []),
        ];
    }
}
