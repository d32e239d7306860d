<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * How cords run from where a piece begins: each folded there, so that both its halves go on, or apart, each with an end
 * of its own there.
 *
 * @internal
 */
enum CordRun: string
{
    case Folded = 'folded';
    case Apart = 'apart';

    /** Working cords laid under the cores at their middle, below a loop of all cords and no part of it. */
    case Under = 'under';
}
