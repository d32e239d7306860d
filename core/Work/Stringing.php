<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * How beads come on cores that knots are tied around.
 *
 * @internal
 */
enum Stringing: string
{
    /** All of them, in order, before the first knot; each is pushed up when its turn comes. */
    case Together = 'together';

    /** Each when its turn comes: the cores are freed for it and fixed again. */
    case Singly = 'singly';
}
