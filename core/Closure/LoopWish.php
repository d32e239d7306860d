<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Measure\Length;

/**
 * What is wished of a loop and of the button that goes through it.
 *
 * @internal
 */
final readonly class LoopWish
{
    /**
     * @param int         $loops   loops behind each other, each a further size
     * @param bool        $knotted whether a loop is made of vertical lark's heads, not of bare cord
     * @param Length|null $play    behind a button, before the first knot
     * @param int         $behind  square knots hidden behind a button
     */
    public function __construct(
        public int $loops = 1,
        public bool $knotted = false,
        public ?Length $play = null,
        public int $behind = 0,
    ) {}
}
