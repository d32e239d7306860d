<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

/**
 * What was measured of some knots, against the model of an even hand: logarithms of measured over model, null where
 * nothing was measured, with the standard deviation that reading a tape leaves.
 */
final readonly class Observation
{
    /**
     * @param string $piece    of which what was measured belongs together
     * @param string $kind     of knot or section
     * @param string $cord     of which fibre and thickness
     * @param bool   $isPushed whether such knots are pushed together
     */
    public function __construct(
        public string $piece,
        public string $kind,
        public string $cord,
        public ?float $pitch,
        public float $pitchError,
        public ?float $use,
        public float $useError,
        public bool $isPushed = true,
    ) {}
}
