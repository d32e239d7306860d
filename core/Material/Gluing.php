<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * In which order an end is glued and trimmed.
 *
 * @internal
 */
enum Gluing: string
{
    /** Glue the last knots and the end, let dry, trim at the knot. */
    case First = 'first';

    /** Trim at the knot, a drop of glue on the cut end, let dry. */
    case Last = 'last';
}
