<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * How a piece is closed: what is done at either end of its body, in stretches that say when.
 *
 * @internal
 */
interface Closing
{
    /**
     * Returns whether cords' ends that only tied run on as tails here, and make the closure with the others.
     */
    public function takesAll(): bool;

    /**
     * Returns whether what it has where the piece begins is made before the body.
     */
    public function begins(bool $isFolded): bool;

    /**
     * Returns whether working cords begin in it, so that none is laid under the core.
     */
    public function joins(bool $isFolded): bool;

    /**
     * Returns whether it holds cords at one end by what is pressed over them.
     */
    public function crimps(bool $isStart): bool;

    public function write(Bench $bench, Outlet $start, Outlet $finish): void;
}
