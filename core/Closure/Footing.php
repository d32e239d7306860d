<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * How the cords come out of the body where it is closed.
 *
 * @internal
 */
final readonly class Footing
{
    /**
     * @param Length $tailEnd     what stays of a tail beyond its stop
     * @param int    $together    cords that lie at an end in all, working cords with them
     * @param bool   $isWrap      whether both ends of one cord run through it side by side
     * @param bool   $isLinked    whether a link lies at either end
     * @param bool   $isFolded    whether its cords are folded where it begins
     * @param bool   $loopFirst   whether a wrap begins at its loop
     * @param bool   $hasSoftEnds whether working ends are laid into the knot that an eyelet begins with
     */
    public function __construct(
        public Length $tailEnd,
        public int $together = 1,
        public bool $isWrap = false,
        public bool $isLinked = false,
        public bool $isFolded = false,
        public bool $loopFirst = false,
        public bool $hasSoftEnds = false,
    ) {}
}
