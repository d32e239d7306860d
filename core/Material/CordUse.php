<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * A cord in one role of a piece, and how many of it lie side by side there; 1 to 12.
 */
final readonly class CordUse
{
    public function __construct(
        public Cord $cord,
        public int $count = 1,
    ) {}

    /**
     * Returns the bundle that $sides of these make together.
     */
    public function bundle(int $sides = 1): Bundle
    {
        return new Bundle($this->cord->round(), $sides * $this->count);
    }
}
