<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Making\Way;

/**
 * Strands side by side, each with its own knots between its beads, staggered.
 */
final readonly class StrandsWay extends Way
{
    protected function opening(array $closure): array
    {
        $strands = $this->plan->draft->piece->cord('strand')->count;

        return [
            ...$closure,
            Step::plain(Deed::Fix, 'begin-strands', ['count' => $strands], [Tool::Board, Tool::Clip], 'strand'),
        ];
    }

    /**
     * Each strand ties its own.
     */
    protected function moves(Element $element): array
    {
        $strands = max(1, $this->plan->draft->piece->cord('strand')->count);

        return array_fill(0, $strands, Move::knot($element->word(), share: 1 / $strands));
    }
}
