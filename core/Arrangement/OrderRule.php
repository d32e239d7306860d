<?php

declare(strict_types=1);

namespace Rinkel\Core\Arrangement;

/**
 * How beads are arranged; six ways, one of each is offered at a time.
 *
 * @internal
 */
enum OrderRule: string
{
    /** Light and dark by turns. */
    case Value = 'value';

    /** Neighbouring colours as unlike as those at hand allow. */
    case Colour = 'colour';

    /** Large and small by turns. */
    case Form = 'form';

    /** Larger to the middle. */
    case Graduated = 'graduated';

    /** The second half the first in reverse. */
    case Symmetric = 'symmetric';

    /** As if by chance, but no kind in clumps. */
    case Mixed = 'mixed';
}
