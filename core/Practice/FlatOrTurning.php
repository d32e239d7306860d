<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Message;

/**
 * Whether a drawn band lies flat, or turns, and to which side.
 *
 * @internal
 */
final class FlatOrTurning implements Exercise
{
    public function id(): string
    {
        return 'flat-or-turning';
    }

    public function ask(Randomizer $chance, Side $side): Question
    {
        $which = $chance->getInt(0, 2);
        $knots = $chance->getInt(7, 12);

        return new Question(
            new Message('flat-or-turning'),
            [new Message('lies-flat'), new Message('turns-left'), new Message('turns-right')],
            $which,
            [new Message('why-lies-flat'), new Message('why-turns-left'), new Message('why-turns-right')][$which],
            [$knots.' square', 2 * $knots.' half left', 2 * $knots.' half right'][$which],
        );
    }
}
