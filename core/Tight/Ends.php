<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * What becomes of both ends of a rope that is tightened.
 *
 * @internal
 */
enum Ends
{
    /** Held where they are, far from the knot; all between them is pulled. */
    case Held;

    /** Joined to a ring. */
    case Joined;

    /** It goes on in the next cell, as it began in this one. */
    case Repeats;
}
