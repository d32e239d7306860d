<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

use Rinkel\Core\Tight\Kind\TightBraid;
use Rinkel\Core\Tight\Kind\TightHalfKnots;
use Rinkel\Core\Tight\Kind\TightHitches;
use Rinkel\Core\Tight\Kind\TightStop;

/**
 * The knots that can be pulled tight on the computer, called like the lessons that teach them.
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
            'square', 'half left', 'hitch', 'vertical lark', 'overhand', 'double overhand', 'barrel', 'sliding barrel',
            'braid',
        ];
    }

    /**
     * @param int $wraps from 1 to 6, of a barrel
     */
    public static function named(string $id, int $wraps = 3): ?TightKnot
    {
        return match ($id) {
            'square' => TightHalfKnots::flat(),
            'half left' => TightHalfKnots::spiral(),
            'hitch' => TightHitches::half(),
            'vertical lark' => TightHitches::verticalLarksHead(),
            'overhand' => TightStop::overhand(),
            'double overhand' => TightStop::barrel(2),
            'barrel' => TightStop::barrel($wraps),
            'sliding barrel' => TightStop::barrel($wraps, true),
            'braid' => new TightBraid(),
            default => null,
        };
    }
}
