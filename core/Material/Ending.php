<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * How a cut end is kept from fraying.
 *
 * @internal
 */
enum Ending: string
{
    /** Trim to 1-2 mm, melt with a flame, press flat. */
    case Singe = 'singe';

    /** Glue the last knots and the end, let dry, trim at the knot. */
    case Glue = 'glue';
}
