<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

/**
 * What a construction looks like: which body draws it. A construction with a look of its own adds a case, and a body
 * that Drawing\Internal\Body names for it.
 *
 * @internal
 */
enum Look
{
    /** Straight cores with knots around them. */
    case Band;

    /** Cords that carry beads and knots in themselves, one or several side by side. */
    case Cord;

    /** Strands that hang one below another. */
    case Layers;

    /** A folded cord whose two ends run together. */
    case Wrap;

    /** Links with cords through them. */
    case Chain;

    /** Many strands side by side. */
    case Bundle;

    /** Loops of rope. */
    case Rope;

    /** A net that hangs on two braids. */
    case Net;
}
