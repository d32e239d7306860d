<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

/**
 * When an exercise is due again, by the boxes of S. Leitner (So lernt man lernen, 1972, from memory): what was right
 * moves a box further and waits twice as long, what was wrong begins again.
 *
 * @internal
 */
final class Boxes
{
    public const LAST = 5;

    /**
     * Returns the box in which an exercise lies after it was answered.
     *
     * @param int $box 1 to 5
     */
    public static function after(int $box, bool $isRight): int
    {
        return $isRight ? min(self::LAST, max(1, $box) + 1) : 1;
    }

    /**
     * Returns after how many days what lies in a box is due: none, 1, 2, 4 and 8.
     */
    public static function days(int $box): int
    {
        return $box <= 1 ? 0 : 2 ** (min(self::LAST, $box) - 2);
    }
}
