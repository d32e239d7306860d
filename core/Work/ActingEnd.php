<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * Which end of a cord acts, where a maker could take the wrong one.
 *
 * @internal
 */
enum ActingEnd: string
{
    /** Both ends, by turns or together. */
    case Both = 'both';

    case Left = 'left';
    case Right = 'right';

    /** The long end, around the short one. */
    case Long = 'long';

    /** The short end, around the long one. */
    case Short = 'short';
}
