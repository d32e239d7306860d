<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal\Misstep;

use Rinkel\Core\Message;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Rehearsal\Misstep;
use Rinkel\Core\Rehearsal\Moment;

/**
 * Once more of what is done already: knots were miscounted.
 *
 * @internal
 */
final class OneTooMany implements Misstep
{
    public function at(Moment $now): ?Attempt
    {
        $before = $now->before();
        if (0 !== $now->done || null === $before || $before->stint->count < 2) {
            return null;
        }
        $move = $before->stint->move($before->stint->count);
        if (null === $move->knot && null === $move->bead) {
            return null;
        }
        $each = $before->stint->adds?->times(1 / $before->stint->count);

        return Attempt::slip($before, $move, null === $each || $each->isZero()
            ? new Message('slip-again')
            : new Message('slip-more', ['longer' => $each]));
    }
}
