<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\End;

/**
 * Where the sliding barrels of a piece sit on its tails.
 *
 * @internal
 */
final readonly class BarrelTails
{
    /**
     * @param Length $tail   from the body's end to the barrel, or of one to the stop
     * @param Length $short  from the other end to the only barrel
     * @param Length $gap    between the body's ends when it is shut
     * @param Length $stays  of a tail beyond its last knot
     * @param bool   $spaced whether the only barrel is one of the spaced knots
     */
    public function __construct(
        public Length $tail,
        public Length $short,
        public Length $gap,
        public Length $stays,
        public bool $spaced,
    ) {}
}
