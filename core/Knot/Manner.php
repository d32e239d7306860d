<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

/**
 * How a knot is tied: with what, around what.
 *
 * @internal
 */
enum Manner
{
    /** A pair of working cords around the core, from both sides: a square knot. */
    case Paired;

    /** One cord along a core: a half hitch. */
    case Hitched;

    /** A cord, or several together, in themselves: an overhand. */
    case Own;

    /** A folded cord on a ring or a core: a lark's head. */
    case Hung;

    /** A cord laid around all the others: a binding turn. */
    case Bound;

    /** Loops of rope through each other. */
    case Woven;

    /**
     * Returns whether such knots are pushed together, so that their length is a matter of the hand.
     */
    public function isPushed(): bool
    {
        return self::Paired === $this || self::Hitched === $this;
    }
}
