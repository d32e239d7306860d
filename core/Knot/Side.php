<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

/**
 * With which of two working cords a maker begins: it crosses over the core first.
 *
 * @internal
 */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';

    public function other(): self
    {
        return self::Left === $this ? self::Right : self::Left;
    }
}
