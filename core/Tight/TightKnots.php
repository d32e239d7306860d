<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

use Rinkel\Core\Tight\Kind\TightBraid;
use Rinkel\Core\Tight\Kind\TightHalfKnots;
use Rinkel\Core\Tight\Kind\TightHitches;
use Rinkel\Core\Tight\Kind\TightStop;

/**
 * The knots that can be pulled tight on the computer, called like the lessons that teach them.
 *
 * @internal
 */
final readonly class TightKnots
{
    private function __construct() {}

    /**
     * @return list<string>
     */
    public static function ids(): array
    {
        return [
            'square', 'half left', 'hitch', 'vertical lark', 'overhand', 'together', 'double overhand', 'barrel',
            'sliding barrel', 'braid',
        ];
    }

    /**
     * @param int $count from 1 to 6: wraps of a barrel, or cords tied together
     */
    public static function named(string $id, int $count = 3): ?TightKnot
    {
        return match ($id) {
            'square' => TightHalfKnots::flat(),
            'half left' => TightHalfKnots::spiral(),
            'hitch' => TightHitches::half(),
            'vertical lark' => TightHitches::verticalLarksHead(),
            'overhand' => TightStop::overhand(),
            'together' => TightStop::overhand($count),
            'double overhand' => TightStop::barrel(2),
            'barrel' => TightStop::barrel($count),
            'sliding barrel' => TightStop::barrel($count, true),
            'braid' => new TightBraid(),
            default => null,
        };
    }
}
