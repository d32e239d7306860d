<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * What a cord does in a piece, whatever its maker calls it.
 *
 * @internal
 */
enum Task: string
{
    case Core = 'core';
    case Working = 'working';

    /** It ties, and runs on as a tail. */
    case Running = 'running';

    /** It carries beads and ties knots in itself. */
    case Cord = 'cord';
    case Strand = 'strand';
    case EndCord = 'end';
    case Lace = 'lace';
    case Thread = 'thread';
    case Rope = 'rope';
    case Mesh = 'mesh';
    case Slider = 'slider';
}
