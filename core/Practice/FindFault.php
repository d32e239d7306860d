<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Message;

/**
 * After how many square knots a flat band went wrong: a half knot more of the same side, and it begins to turn.
 *
 * @internal
 */
final class FindFault implements Exercise
{
    public function id(): string
    {
        return 'find-fault';
    }

    public function ask(Randomizer $chance, Side $side): Question
    {
        $before = $chance->getInt(2, 6);
        $isFaulty = $chance->getInt(0, 3) > 0;
        $wrong = $chance->getInt(3, 5);
        $last = Side::Left === $side ? 'right' : 'left';
        $answers = [
            new Message('no-fault'),
            ...array_map(
                static fn (int $count): Message => new Message('fault-after', ['count' => $count]),
                [$before - 1, $before, $before + 2],
            ),
        ];

        return new Question(
            new Message('find-fault'),
            $answers,
            $isFaulty ? 2 : 0,
            $isFaulty ? new Message('why-fault', ['count' => $before, 'side' => $last]) : new Message('why-no-fault'),
            $isFaulty ? $before.' square, '.$wrong.' half '.$last.', 3 square' : ($before + 4).' square',
        );
    }
}
