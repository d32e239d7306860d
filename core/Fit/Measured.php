<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

/**
 * How the tape lay when a girth was taken.
 *
 * @internal
 */
enum Measured: string
{
    /** Tape touching the skin all round; ease is added. */
    case Snug = 'snug';

    /** Tape as loose as the piece shall be; no ease is added. */
    case Comfortable = 'comfortable';
}
