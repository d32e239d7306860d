<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Making\Acting;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Run;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Making\Way;
use Rinkel\Core\Measure\Length;

/**
 * A folded cord whose two ends carry beads; after each bundle the long end ties its knot around the short one.
 */
final readonly class WrapWay extends Way
{
    protected function opening(array $closure): array
    {
        return [
            Step::plain(Deed::Fix, 'mark-long', [], [Tool::Tape], 'cord', Acting::Long),
            ...$closure,
            Step::plain(Deed::Fix, 'fix-wrap', [], [Tool::Board, Tool::Clip], 'cord'),
        ];
    }

    protected function beside(Run $run, Length $bare): array
    {
        return [
            ...parent::beside($run, $bare),
            Step::plain(Deed::Compare, 'compare-eye', ['due' => $run->due()], [Tool::Tape]),
        ];
    }

    protected function acting(Element $element): Acting
    {
        return Acting::Long;
    }

    protected function tying(Element $element): string
    {
        return 'cord';
    }
}
