<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Making\Way;

/**
 * Beads on elastic: one end taped, all beads on, tried before the knot is glued.
 */
final readonly class ElasticWay extends Way
{
    protected function opening(array $closure): array
    {
        return [Step::plain(Deed::Fix, 'tape-elastic', [], [Tool::Tape, Tool::Clip], 'cord', look: 'look-order')];
    }

    protected function trial(): array
    {
        return [Step::plain(Deed::Try, 'try-elastic', ['body' => $this->plan->draft->body()], look: 'look-elastic')];
    }
}
