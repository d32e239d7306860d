<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Half;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;

/**
 * Groups of threads braided through a chain, from its end link on.
 */
final readonly class BraidedWay extends LacedWay
{
    protected function opening(array $closure): array
    {
        return [
            ...$closure,
            Step::plain(Deed::Fix, 'begin-braiding', [], [Tool::Board, Tool::Pins]),
        ];
    }

    protected function halves(): array
    {
        return [Half::whole($this->plan->draft->setting)];
    }

    protected function word(): string
    {
        return 'braid-links';
    }
}
