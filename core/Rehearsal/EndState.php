<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal;

/**
 * What has become of a cord's end by now.
 *
 * @internal
 */
enum EndState: string
{
    /** It hangs there and can be worked with. */
    case Free = 'free';

    /** There is glue or varnish on it that has not dried. */
    case Wet = 'wet';

    /** It is sealed, frayed, hidden or covered: nothing more is done with it. */
    case Done = 'done';
    case Trimmed = 'trimmed';
}
