<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal\Misstep;

use Rinkel\Core\Message;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Rehearsal\Misstep;
use Rinkel\Core\Rehearsal\Moment;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\StrungBead;

/**
 * A bead whose turn it is not.
 *
 * @internal
 */
final class OtherBead implements Misstep
{
    public function at(Moment $now): ?Attempt
    {
        $wanted = $now->move()->bead;
        $other = null === $wanted ? null : self::another($now, $wanted);

        return null === $wanted || null === $other ? null : Attempt::slip(
            $now->act,
            Move::bead($other),
            new Message('slip-bead', ['bead' => $other->name, 'wanted' => $wanted->name]),
        );
    }

    /**
     * Returns the next bead that is called otherwise.
     */
    private static function another(Moment $now, StrungBead $wanted): ?StrungBead
    {
        foreach ([...$now->ahead(), ...$now->acts->all] as $act) {
            foreach ($act->stint->moves as $move) {
                if (null !== $move->bead && $wanted->name !== $move->bead->name) {
                    return $move->bead;
                }
            }
        }

        return null;
    }
}
