<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Half;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Making\Way;

/**
 * Many strands laid side by side, bound at one end, curved, bound at the other and trimmed in the curve.
 */
final readonly class BundleWay extends Way
{
    protected function opening(array $closure): array
    {
        $strands = 0;
        foreach ($this->plan->cuts as $cut) {
            $strands += \in_array($cut->role, ['end', 'slider'], true) ? 0 : $cut->count;
        }

        return [
            Step::plain(Deed::Fix, 'lay-strands', ['count' => $strands], [Tool::Board, Tool::Clip]),
            Step::plain(Deed::Fix, 'lay-end', [], [], 'end'),
        ];
    }

    /**
     * Strands are trimmed in the curve; only the end cords are folded by a mark.
     */
    protected function marks(): array
    {
        return array_values(array_filter(parent::marks(), static fn (Step $step): bool => 'end' === $step->role));
    }

    protected function half(Half $half): array
    {
        $steps = parent::half($half);
        $last = array_pop($steps);

        return null === $last ? $steps : [
            ...$steps,
            Step::plain(Deed::Compare, 'curve', ['due' => $half->length()], [Tool::Tape], look: 'look-curve'),
            $last,
            Step::plain(Deed::Trim, 'trim-curve', [], [Tool::Scissors]),
        ];
    }
}
