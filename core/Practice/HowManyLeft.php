<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;

/**
 * How many knots are left, from how long those are that are tied: the length is the rule, the count follows it.
 *
 * @internal
 */
final class HowManyLeft implements Exercise
{
    public function id(): string
    {
        return 'how-many-left';
    }

    public function ask(Randomizer $chance, Side $side): Question
    {
        $tied = 5 * $chance->getInt(2, 6);
        $pitch = $chance->getInt(5, 8) / 2;
        $left = 5 * $chance->getInt(1, 8);
        $answers = [$left, (int) round(1.6 * $left), max(1, $left - 4)];
        $order = $chance->shuffleArray([0, 1, 2]);
        $said = [];
        foreach ($order as $i) {
            $said[] = new Message('square-knots', ['count' => $answers[$i]]);
        }

        return new Question(
            new Message('how-many-left', [
                'tied' => $tied,
                'reached' => Length::ofMillimetres($tied * $pitch),
                'body' => Length::ofMillimetres(($tied + $left) * $pitch),
            ]),
            $said,
            (int) array_search(0, $order, true),
            new Message('why-left', [
                'each' => Length::ofMillimetres($pitch),
                'rest' => Length::ofMillimetres($left * $pitch),
                'left' => $left,
            ]),
        );
    }
}
