<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

use Rinkel\Core\Measure\Length;

/**
 * The measures of one arm: wrist girth with how it was taken, and the hand's girth at its widest part if it is known.
 */
final readonly class Wearer
{
    /**
     * Hand over wrist girth when only the wrist is known. The palm alone is about 1.23 times the wrist (1988 anthropometric
     * survey of US Army personnel, means of both sexes, from memory); the thumb laid across the palm brings it to about 1.3
     * (judgement, on the safe side: too wide an opening still goes on).
     */
    public const HAND_TO_WRIST = 1.3;

    public function __construct(
        public Length $wrist,
        public Measured $measured,
        public ?Length $hand = null,
    ) {}

    /**
     * Returns the girth at the skin: what was measured, less the ease that a comfortably loose tape holds.
     */
    public function skin(): Length
    {
        return match ($this->measured) {
            Measured::Snug => $this->wrist,
            Measured::Comfortable => $this->wrist->minus(EaseScale::comfortable()),
        };
    }

    /**
     * Returns the girth that an opened bracelet has to pass: as measured, or estimated from the wrist.
     */
    public function handGirth(): Length
    {
        return $this->hand ?? $this->skin()->times(self::HAND_TO_WRIST);
    }
}
