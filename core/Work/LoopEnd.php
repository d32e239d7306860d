<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * With which end of its cord the loop of a wrap is tied.
 *
 * @internal
 */
enum LoopEnd: string
{
    case Long = 'long';
    case Short = 'short';
}
