<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

/**
 * One turn of work on all pieces of a series.
 */
final readonly class SizeTurn
{
    /**
     * @param Operation $deed    what is done: cut, tied, closed, secured, trimmed, or left alone
     * @param int       $pieces  of how many
     * @param float     $minutes of hands
     * @param int       $waits   minutes in which all of them are left alone
     */
    public function __construct(
        public Operation $deed,
        public int $pieces,
        public float $minutes,
        public int $waits,
    ) {}
}
