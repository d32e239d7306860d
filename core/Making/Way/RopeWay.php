<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Half;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Making\Way;
use Rinkel\Core\Measure\Length;

/**
 * Loops of rope through each other; the ends are trimmed to the wrist, closed, and bound last.
 */
final readonly class RopeWay extends Way
{
    protected function opening(array $closure): array
    {
        return [Step::plain(Deed::Fix, 'lay-ropes', [], [Tool::Board, Tool::Pins], 'rope')];
    }

    protected function cuts(): array
    {
        return [Step::plain(Deed::Tip, 'tape-rope', [], [Tool::Tape], 'rope'), ...parent::cuts()];
    }

    protected function half(Half $half): array
    {
        return $this->of($half, false);
    }

    protected function trial(): array
    {
        return [...parent::trial(), Step::plain(Deed::Trim, 'trim-legs', [], [Tool::Scissors, Tool::Tape], 'rope')];
    }

    protected function covering(): array
    {
        return $this->of(Half::whole($this->plan->draft->setting), true);
    }

    /**
     * @return list<Step> of all that is bound, or of all else
     */
    private function of(Half $half, bool $isBound): array
    {
        $steps = [];
        foreach ($half->runs($this->joins(...)) as $run) {
            if ($isBound === (Manner::Bound === $run->element->knot?->manner())) {
                array_push($steps, ...$this->run($run, Length::zero()));
            }
        }

        return $steps;
    }
}
