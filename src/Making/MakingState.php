<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

/**
 * How far one thing has come, in the order of the work.
 */
enum MakingState: string
{
    case Planned = 'planned';
    case Cut = 'cut';
    case OnBoard = 'board';
    case Made = 'made';
    case Delivered = 'delivered';

    public function isBefore(self $other): bool
    {
        return array_search($this, self::cases(), true) < array_search($other, self::cases(), true);
    }
}
