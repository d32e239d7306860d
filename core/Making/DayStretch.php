<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

/**
 * A stretch of work on one piece, and the wait after it, in minutes from the beginning of the day.
 *
 * @internal
 */
final readonly class DayStretch
{
    /**
     * @param int $piece  which, from 0
     * @param int $number of the piece's stretches, from 0
     */
    public function __construct(
        public int $piece,
        public int $number,
        public int $from,
        public int $until,
        public int $waits,
    ) {}
}
