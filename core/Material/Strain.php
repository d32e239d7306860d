<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * What a glued place has to bear.
 *
 * @internal
 */
enum Strain: string
{
    /** Washing hands, swimming. */
    case Water = 'water';

    /** A cord that goes on bending beside the drop. */
    case Bending = 'bending';

    /** The knot of an elastic. */
    case Stretch = 'stretch';

    /** A cap, a magnet or a stone that is pulled and hit. */
    case Knocks = 'knocks';
}
