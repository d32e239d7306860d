<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * What hands do in one act: the closed set of things that are done to cords, and to what goes on them.
 */
enum ActKind: string
{
    case Cut = 'cut';

    /** A mark on a cord that is not worked yet, or a knot in an end that must not be mixed up. */
    case Mark = 'mark';

    /** A tip that passes beads, or that must not fray meanwhile. */
    case Tip = 'tip';

    case Fold = 'fold';

    /** Fixing the work to its board: pinned, clipped, clamped or taped. */
    case Pin = 'pin';

    /** Off the board again. */
    case Unpin = 'unpin';

    /** A cord's middle under others, or cords side by side. */
    case Under = 'under';

    /** A folded cord on something, by a lark's head or its fold alone. */
    case Hang = 'hang';

    /** Folded cords through each other. */
    case Link = 'link';

    /** A link of a chain, opened and closed again. */
    case Open = 'open';

    /** An end, or several, through something or past each other. */
    case Pass = 'pass';

    /** Cord left bare, and the place marked by a finger or a pin. */
    case Leave = 'leave';

    case String = 'string';

    /** What is strung already, up to its place. */
    case Push = 'push';

    /** Ends drawn level with each other, or beads to their middle. */
    case Level = 'level';

    case Tie = 'tie';

    /** A barrel: turns around a cord. */
    case Wind = 'wind';
    case Braid = 'braid';
    case Lace = 'lace';

    /** Loops of rope through each other. */
    case Weave = 'weave';
    case Net = 'net';
    case Loop = 'loop';

    /** Several cords in one knot. */
    case Gather = 'gather';

    /** Ends parted in groups. */
    case Divide = 'divide';
    case Turn = 'turn';

    /** Ends laid aside until it is their turn. */
    case Aside = 'aside';

    case Bend = 'bend';
    case Bind = 'bind';

    /** Rings, crimps, fold-over ends, what is glued in. */
    case Attach = 'attach';
    case Cover = 'cover';

    /** Half against half, or against the tape. */
    case Compare = 'compare';

    /** On the wearer, or around what it is for: what may be added or undone still. */
    case Try = 'try';

    /** A knot, or a bead held by one, that nothing slides over. */
    case Stop = 'stop';
    case Twist = 'twist';

    /** Flame, glue or varnish on an end. */
    case Secure = 'secure';

    /** Until glue has dried; hands are free meanwhile. */
    case Wait = 'wait';

    case Trim = 'trim';
    case Fray = 'fray';
    case Sew = 'sew';

    /**
     * Returns how long it usually takes, in seconds, where it is none of knots or beads (from memory; a maker's own
     * pace comes first).
     */
    public function usualSeconds(): int
    {
        return match ($this) {
            self::Mark, self::Fold, self::Level, self::Leave, self::Under => 20,
            self::Unpin, self::Turn, self::Aside, self::Divide => 10,
            self::Cut, self::Trim, self::Compare, self::Bend => 30,
            self::Tip, self::Secure, self::Twist, self::Fray => 40,
            self::Pin, self::Try, self::Pass, self::Hang, self::Link, self::Open, self::Cover, self::Sew => 60,
            self::Attach, self::Loop => 120,
            self::String, self::Push, self::Tie, self::Wind, self::Braid, self::Lace, self::Weave, self::Net,
            self::Gather,
            self::Bind, self::Stop => 10,
            self::Wait => 0,
        };
    }
}
