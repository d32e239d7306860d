<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

/**
 * How hard a maker pushes the knots of a run together.
 */
enum Tension: string
{
    /** Knots are pulled tight but hardly pushed up. */
    case Loose = 'loose';

    /** Knots are pushed up until they touch. */
    case Even = 'even';

    /** Knots are pushed hard on each other. */
    case Firm = 'firm';
}
