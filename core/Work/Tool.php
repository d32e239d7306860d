<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * What a maker takes into their hand for a step, besides cord and beads.
 *
 * @internal
 */
enum Tool: string
{
    case Scissors = 'scissors';
    case Tape = 'tape';
    case Board = 'board';
    case Needle = 'needle';

    /** A straw or tube, around which a barrel is wound. */
    case Straw = 'straw';

    /** Pins or hairpins, to weave and to hold loops. */
    case Pins = 'pins';

    case Pliers = 'pliers';
    case Lighter = 'lighter';
    case Glue = 'glue';
    case Varnish = 'varnish';

    /** A clip or a third hand, so that fingers keep off the flame. */
    case Clip = 'clip';

    /** That marks elastic. */
    case Pen = 'pen';
}
