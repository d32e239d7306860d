<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * On which cord a bead sits; the value is its word in the text.
 *
 * @internal
 */
enum Lane: string
{
    /** On the core, or on the only cord. */
    case Core = 'core';

    /** On the left working cord, beside the core. */
    case Left = 'left';

    /** On the right working cord, beside the core. */
    case Right = 'right';

    /** On one of several strands: "on strand 2". */
    case Strand = 'strand';

    /**
     * Returns the lane with left and right changed.
     */
    public function swapped(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            default => $this,
        };
    }
}
