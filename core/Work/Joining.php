<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * How a working cord is joined to the cores.
 *
 * @internal
 */
enum Joining: string
{
    /** Its middle lies under them, and the first knot holds it. */
    case Laid = 'laid';

    /** A plain overhand around them holds it first; it is not counted. */
    case Bound = 'bound';
}
