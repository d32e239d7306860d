<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

/**
 * How a piece is closed.
 */
enum ClosureKind: string
{
    /** Square knots tied over both tails. */
    case SquareSlider = 'square-slider';

    /** Each tail ends in a barrel knot tied around the other tail. */
    case DoubleBarrel = 'double-barrel';

    /** One tail ends in a barrel knot around the other, which ends in a stop. */
    case SingleBarrel = 'single-barrel';

    case ButtonLoop = 'button-loop';

    /** Clasp with rings and ends, also a toggle or an extender. */
    case Clasp = 'clasp';

    case Ties = 'ties';

    /** Both tails through one tight bead. */
    case SlideBead = 'slide-bead';

    /** Elastic knotted to a ring. */
    case Elastic = 'elastic';

    /** Ends butted and glued. */
    case Butted = 'butted';

    /** Ends glued into a magnet. */
    case Magnetic = 'magnetic';

    /**
     * Returns whether the piece opens fully, so that no hand has to pass it.
     */
    public function opensFully(): bool
    {
        return match ($this) {
            self::ButtonLoop, self::Clasp, self::Ties, self::Magnetic => true,
            default => false,
        };
    }

    /**
     * Returns whether the wearer moves the closure from shut to open.
     */
    public function slides(): bool
    {
        return match ($this) {
            self::SquareSlider, self::DoubleBarrel, self::SingleBarrel, self::SlideBead => true,
            default => false,
        };
    }
}
