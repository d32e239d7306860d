<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;

/**
 * What a knot is tied with and around: a cord around a core, or one or several cords in themselves.
 */
final readonly class Ground
{
    /**
     * @param int $together how many cords tie it as one
     * @param int $turns    of a knot of which turns are said
     */
    private function __construct(
        public Cord $cord,
        public Bundle $core,
        public int $together,
        public int $turns,
    ) {}

    public static function around(Bundle $core, Cord $working): self
    {
        return new self($working, $core, 1, BarrelKnot::USUAL);
    }

    public static function itself(Cord $cord, int $together = 1, int $turns = BarrelKnot::USUAL): self
    {
        return new self($cord, new Bundle($cord->round(), max(1, $together)), $together, $turns);
    }
}
