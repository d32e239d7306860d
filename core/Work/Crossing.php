<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * Which way the cord that begins a square knot goes over to the other side.
 *
 * @internal
 */
enum Crossing: string
{
    /** In front of the cores, the other behind them. */
    case Front = 'front';

    /** Behind the cores, the other in front of them. */
    case Behind = 'behind';
}
