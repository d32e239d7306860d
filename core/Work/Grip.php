<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * Which ends an act is done with, and around or through what.
 */
final readonly class Grip
{
    /**
     * @param string|null $role    of the cord that acts
     * @param list<End>   $by      that do it
     * @param list<End>   $around  that it is done around
     * @param list<End>   $through that go through something
     * @param int         $half    0 of all; 1 and 2 of halves that are held to each other
     * @param int         $lane    0; from 1 of ends that are counted each for itself
     */
    public function __construct(
        public ?string $role = null,
        public ?ActingEnd $acting = null,
        public array $by = [],
        public array $around = [],
        public array $through = [],
        public int $half = 0,
        public int $lane = 0,
    ) {}
}
