<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Message;

/**
 * Which cord crosses next: in a flat band the other one each time, in one that turns always the same.
 *
 * @internal
 */
final class NextSide implements Exercise
{
    public function id(): string
    {
        return 'next-side';
    }

    public function ask(Randomizer $chance, Side $side): Question
    {
        $turns = 0 === $chance->getInt(0, 2);
        $halves = $chance->getInt(3, 11);
        $isFirst = $turns || 1 === $halves % 2;
        $last = $isFirst ? $side : $side->other();
        $next = $turns ? $last : $last->other();

        return new Question(
            $turns
                ? new Message('next-turning', ['halves' => $halves, 'side' => $last->value])
                : new Message('next-flat', ['halves' => $halves, 'side' => $last->value]),
            [new Message('side-left'), new Message('side-right')],
            Side::Left === $next ? 0 : 1,
            $turns ? new Message('why-turning', ['side' => $next->value]) : new Message('why-flat', ['side' => $next->value]),
            $turns ? $halves.' half '.$side->value : intdiv($halves, 2).' square',
        );
    }
}
