<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Fit\Lie;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Measure\Length;

/**
 * One way to close a piece, with its materials at hand. Lengths are along the piece's middle.
 *
 * Between the body B and a ring with the gap g between its ends: laid length = B + g.
 *
 * @internal
 */
interface Closure
{
    /**
     * Returns how long the body should be so that the ring comes out as wished.
     */
    public function body(Ring $ring): Length;

    /**
     * Returns whether a body longer than that fails, as one that no longer closes to the skin does.
     */
    public function isBound(): bool;

    /**
     * Returns what lies between the body's ends when it is worn, besides the bare cord.
     *
     * @return list<Lie>
     */
    public function lies(): array;

    /**
     * Returns the closure for a body that came out $body long.
     */
    public function fasten(Ring $ring, Length $body): Fastened;
}
