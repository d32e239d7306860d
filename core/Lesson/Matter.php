<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

/**
 * What a thing in a frame is of, by which it is coloured.
 *
 * @internal
 */
enum Matter: string
{
    case Bead = 'bead';
    case Button = 'button';
    case Metal = 'metal';

    /** A ring of wire, seen from its side. */
    case Frame = 'frame';
    case Blade = 'blade';
    case Flame = 'flame';

    /** Glue as it is put on, and when it is dry. */
    case Glue = 'glue';
    case Dry = 'dry';

    /** What ran together in a flame. */
    case Melt = 'melt';

    /** What a cord is laid of. */
    case Cord = 'cord';
}
