<?php

declare(strict_types=1);

namespace Rinkel\App\Time;

use Psr\Clock\ClockInterface;

/**
 * The clock of the machine, in UTC; tests put another in its place.
 */
final class SystemClock implements ClockInterface
{
    public function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('now', new \DateTimeZone('UTC'));
    }
}
