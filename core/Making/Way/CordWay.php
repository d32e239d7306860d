<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Making\Way;

/**
 * One cord that carries knots and beads in itself, from its beginning mark to its other end.
 */
readonly class CordWay extends Way
{
    protected function opening(array $closure): array
    {
        return [
            ...$closure,
            Step::plain(Deed::Fix, 'fix-cord', [], [Tool::Board, Tool::Tape], 'cord'),
            ...([] === $this->plan->beads
                ? []
                : [Step::plain(Deed::Fix, 'stop-stringing', [], [], 'cord', look: 'look-order')]),
        ];
    }
}
