<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * How two halves that hang on one thing are brought to their ends.
 *
 * @internal
 */
enum Halving: string
{
    /** Both are knotted, then the working ends of both are made safe. */
    case Together = 'together';

    /** The first is made safe before the second is begun. */
    case InTurn = 'in-turn';
}
