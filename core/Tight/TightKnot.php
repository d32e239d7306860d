<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * A knot that can be pulled tight on the computer, from the courses that its lesson draws.
 *
 * @internal
 */
interface TightKnot
{
    /**
     * Returns whether it is tied around something.
     */
    public function isAround(): bool;

    /**
     * Returns what is counted of it: its wraps, or the cords that are tied together.
     *
     * @return array<string, int>
     */
    public function counted(): array;

    /**
     * Returns how it is laid before it is pulled.
     *
     * @param Inside $inside what it is tied around; of no account to a knot in cords alone
     * @param float  $push   force along the piece that presses such knots together, in tensions of one cord
     */
    public function laid(Inside $inside, float $push = 0.0): Tangle;

    /**
     * Returns what one knot takes, once it is tight.
     */
    public function read(Tightened $tight): KnotSize;
}
