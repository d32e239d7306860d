<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * How the surface of a bead looks.
 *
 * @internal
 */
enum BeadFinish: string
{
    case Shiny = 'shiny';
    case Matt = 'matt';
}
