<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Making\Closing;
use Rinkel\Core\Plan\Plan;

/**
 * A closure of which nothing is made before the body, and which leaves the cords' ends to be secured.
 */
abstract readonly class Plain implements Closing
{
    public function opening(Plan $plan): array
    {
        return [];
    }

    public function takesEnds(): bool
    {
        return false;
    }
}
