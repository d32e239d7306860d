<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * To what part of a piece an act belongs.
 */
enum Part: string
{
    /** Cords cut, marked and tipped. */
    case Cords = 'cords';

    /** How the work is begun: cords on the board, on each other, on what they hang from. */
    case Mount = 'mount';
    case Body = 'body';
    case Loop = 'loop';
    case Button = 'button';

    /** What closes a piece and is no loop, button or slider: clasp, ties, magnet, a knot for good. */
    case Close = 'close';
    case Slider = 'slider';
    case Stop = 'stop';

    /** Strands bent as they are worn. */
    case Bend = 'bend';

    /** Thread around a join. */
    case Binding = 'binding';
    case Trial = 'trial';

    /** Cord ends made safe. */
    case Ends = 'ends';
}
