<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * A knot as a pattern names it; the value is its word.
 */
enum KnotKind: string
{
    /** "6 square" */
    case Square = 'square';

    /** "42 half left": always the left cord over, a spiral. */
    case HalfLeft = 'half left';

    /** "42 half right" */
    case HalfRight = 'half right';

    /** "1 overhand": one cord, or the whole bundle. */
    case Overhand = 'overhand';

    /** "1 double overhand" */
    case DoubleOverhand = 'double overhand';

    /** "1 barrel 3": an overhand of three wraps. */
    case Barrel = 'barrel';

    /** "1 lark": a folded cord on a ring or a core. */
    case LarksHead = 'lark';

    /** "12 vertical lark": tied with one cord along a core. */
    case VerticalLarksHead = 'vertical lark';

    /** "8 hitch": half hitches with one cord along a core. */
    case HalfHitch = 'hitch';

    /** "6 whip": turns of a cord laid side by side around all the others, to bind them. */
    case Whip = 'whip';

    /** "1 interlace": two loops of one or several parallel ropes, woven through each other. */
    case Interlace = 'interlace';

    /**
     * Returns the knot that a mirror shows.
     */
    public function mirrored(): self
    {
        return match ($this) {
            self::HalfLeft => self::HalfRight,
            self::HalfRight => self::HalfLeft,
            default => $this,
        };
    }
}
