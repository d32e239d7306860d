<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Plan\Plan;

/**
 * Two ends of their own kinds: the first before the body, the second after it.
 */
final readonly class TwoEnds extends Plain
{
    public function opening(Plan $plan): array
    {
        return $this->end($plan->draft->piece->closure->start, $plan);
    }

    public function closing(Plan $plan): array
    {
        return [
            ...$this->end($plan->draft->piece->closure->finish, $plan),
            Step::plain(Deed::Try, 'try-clasp', ['worn' => $plan->draft->worn()]),
        ];
    }

    /**
     * @return list<Step>
     */
    private function end(EndForm $form, Plan $plan): array
    {
        $overhand = [Move::knot((new Overhand())->word())];
        $flat = $plan->draft->fastened->length ?? $plan->draft->fastened->narrow;

        return match ($form) {
            EndForm::Loop => [
                Step::knots('end-loop', ['flat' => $flat], $overhand, 1, 'core', look: 'look-button'),
            ],
            EndForm::KnottedLoop => [
                Step::knots('end-knotted-loop', ['flat' => $flat], $overhand, 1, look: 'look-button'),
            ],
            EndForm::Button => (new Button($plan))->steps(),
            EndForm::Ties => [
                Step::plain(Deed::Close, 'ties', ['tail' => $plan->draft->fastened->tail ?? $flat]),
            ],
            EndForm::Findings => [
                Step::plain(
                    Deed::Close,
                    'end-findings',
                    ['count' => max(1, \count($plan->draft->fastened->findings))],
                    [Tool::Pliers],
                    look: 'look-rings',
                ),
            ],
        };
    }
}
