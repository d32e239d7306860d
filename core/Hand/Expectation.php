<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

/**
 * What a maker's next piece will be like, against the model of an even hand: means and standard deviations of
 * logarithms. The spreads hold that piece's own share, but no tape.
 *
 * @internal
 */
final readonly class Expectation
{
    public function __construct(
        public float $pitch,
        public float $pitchSpread,
        public float $use,
        public float $useSpread,
        public float $perLength,
        public float $perLengthSpread,
    ) {}
}
