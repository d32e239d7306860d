<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * With what an end is secured.
 *
 * @internal
 */
enum How: string
{
    case Singe = 'singe';
    case Glue = 'glue';
    case Varnish = 'varnish';
}
