<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

use Rinkel\Core\Measure\Length;

/**
 * The measures of one arm, leg or neck: the girth with how it was taken, what has to pass, and a second girth further
 * up.
 */
final readonly class Wearer
{
    /**
     * Hand over wrist girth when only the wrist is known. The palm alone is about 1.23 times the wrist (1988
     * anthropometric survey of US Army personnel, means of both sexes, from memory); the thumb laid across the palm
     * brings it to about 1.3 (judgement, on the safe side: too wide an opening still goes on).
     */
    public const HAND_TO_WRIST = 1.3;

    /** Heel with instep over ankle girth, and head over neck girth, estimated alike (judgement). */
    private const HEEL_TO_ANKLE = 1.45;
    private const HEAD_TO_NECK = 1.6;

    /**
     * @param Length|null $hand    girth of what the piece has to pass: hand, heel or head
     * @param Length|null $upper   a second girth, further up
     * @param Length|null $upperAt how far up it was taken
     */
    public function __construct(
        public Length $girth,
        public Measured $measured,
        public ?Length $hand = null,
        public BodyPlace $place = BodyPlace::Wrist,
        public ?Length $upper = null,
        public ?Length $upperAt = null,
    ) {}

    /**
     * Returns these measures with the second girth, further up, of $other.
     */
    public function withUpper(self $other): self
    {
        return new self($this->girth, $this->measured, $this->hand, $this->place, $other->upper, $other->upperAt);
    }

    /**
     * Returns the girth at the skin: what was measured, less the ease that a comfortably loose tape holds.
     */
    public function skin(): Length
    {
        return match ($this->measured) {
            Measured::Snug => $this->girth,
            Measured::Comfortable => $this->girth->minus(EaseScale::comfortable()),
        };
    }

    /**
     * Returns the girth that an opened piece has to pass: as measured, or estimated.
     */
    public function handGirth(): Length
    {
        return $this->hand ?? $this->skin()->times($this->ratio());
    }

    /**
     * Returns how many times its girth the place has to be passed by, when it is estimated.
     */
    public function ratio(): float
    {
        return match ($this->place) {
            BodyPlace::Wrist => self::HAND_TO_WRIST,
            BodyPlace::Ankle => self::HEEL_TO_ANKLE,
            BodyPlace::Neck => self::HEAD_TO_NECK,
        };
    }
}
