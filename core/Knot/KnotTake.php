<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

/**
 * What knots of one kind take of a cord, as far as its spread goes.
 */
final readonly class KnotTake
{
    /**
     * @param string $kind      of knot, by its word
     * @param float  $use       in mm
     * @param bool   $free      whether the run is as long as something asks, not of so many knots
     * @param bool   $isPushed  whether such knots are pushed together
     * @param bool   $isSampled whether the maker measured her own
     */
    public function __construct(
        public string $kind,
        public float $use,
        public bool $free,
        public bool $isPushed,
        public bool $isSampled,
    ) {}
}
