<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Message;

/**
 * How many square knots a drawn band has, by the bumps on one of its edges.
 *
 * @internal
 */
final class CountBumps implements Exercise
{
    public function id(): string
    {
        return 'count-bumps';
    }

    public function ask(Randomizer $chance, Side $side): Question
    {
        $knots = $chance->getInt(4, 12);
        $answers = [$knots - 1, $knots, $knots + 1, 2 * $knots];

        return new Question(
            new Message('count-bumps'),
            array_map(static fn (int $count): Message => new Message('square-knots', ['count' => $count]), $answers),
            1,
            new Message('why-bumps', ['count' => $knots]),
            $knots.' square',
        );
    }
}
