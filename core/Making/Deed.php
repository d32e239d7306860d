<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

/**
 * What a maker does in one step.
 */
enum Deed: string
{
    /** A mark on a cord that is not worked yet: where it begins, where it folds. */
    case Mark = 'mark';

    case Cut = 'cut';

    /** A tip that passes beads, or that must not fray meanwhile. */
    case Tip = 'tip';

    /** Fixing the work to its board, or a cord to something. */
    case Fix = 'fix';

    /** Beads on a cord, one after the other. */
    case Bead = 'bead';

    case Tie = 'tie';

    /** Lacing, braiding, netting, laying loops through each other. */
    case Weave = 'weave';

    /** Half against half, or against the tape. */
    case Compare = 'compare';

    /** On the wearer, or around what it is for. */
    case Try = 'try';

    case Close = 'close';

    /** Flame or glue on an end. */
    case Secure = 'secure';

    case Trim = 'trim';

    /** Until glue has cured; hands are free meanwhile. */
    case Wait = 'wait';

    /**
     * Returns how long it usually takes, in seconds, where it is none of knots or beads (from memory; a maker's own
     * pace comes first).
     */
    public function usualSeconds(): int
    {
        return match ($this) {
            self::Mark => 20,
            self::Cut, self::Trim => 30,
            self::Tip, self::Secure => 40,
            self::Fix => 60,
            self::Compare => 15,
            self::Try => 60,
            self::Close => 120,
            self::Bead, self::Tie, self::Weave => 10,
            self::Wait => 0,
        };
    }
}
