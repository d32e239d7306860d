<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Plan\Plan;

/**
 * How one kind of closure is made: what of it before the body, and what after.
 */
interface Closing
{
    /**
     * @return list<Step>
     */
    public function opening(Plan $plan): array;

    /**
     * Returns whether it takes the ends of the cords that carry the piece, so that nothing of them is left to secure.
     */
    public function takesEnds(): bool;

    /**
     * @return list<Step>
     */
    public function closing(Plan $plan): array;
}
