<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

/**
 * All exercises there are.
 *
 * @internal
 */
final class Exercises
{
    /**
     * @return non-empty-array<string, Exercise> by their ids, in the order in which they are first met
     */
    public static function all(): array
    {
        return [
            'next-side' => new NextSide(),
            'flat-or-turning' => new FlatOrTurning(),
            'count-bumps' => new CountBumps(),
            'find-fault' => new FindFault(),
            'how-many-left' => new HowManyLeft(),
            'how-to-wrap' => new HowToWrap(),
            'which-finish' => new WhichFinish(),
        ];
    }
}
