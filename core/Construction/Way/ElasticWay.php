<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Said;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Tool;

/**
 * Beads on elastic: taped at its mark, all beads on, tried before the knot is glued.
 */
final class ElasticWay extends CordWay
{
    protected function isFree(): bool
    {
        return true;
    }

    protected function strings(): bool
    {
        return false;
    }

    protected function mounted(): array
    {
        return [new Act(
            Does::Pin,
            Part::Mount,
            new Said('tape-elastic'),
            role: 'cord',
            marks: [Landmark::of('mark')],
            looks: [new Said('look-order')],
            tools: [Tool::Tape, Tool::Clip],
        )];
    }

    protected function trial(): array
    {
        return [];
    }
}
