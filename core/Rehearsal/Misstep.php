<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal;

/**
 * One way in which hands go wrong.
 *
 * @internal
 */
interface Misstep
{
    /**
     * Returns what somebody who goes wrong so would do now, and what comes of it; null where nobody can.
     */
    public function at(Moment $now): ?Attempt;
}
