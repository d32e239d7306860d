<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Measure\Length;

/**
 * A slider of square knots tied over both tails, each tail ending in a stop knot.
 *
 * With slider length s and tail length T (body end to stop knot), the gap between the two body ends goes from s, when
 * both ends touch the slider, to 2T − s, when both stop knots touch it. A tail is never shorter than the slider, or it
 * could not move.
 *
 * @internal
 */
final readonly class SquareKnotSlider
{
    private function __construct(
        public Length $length,
        public Length $tail,
    ) {}

    public static function withTails(Length $length, Length $tail): self
    {
        return new self($length, Length::longest($length, $tail));
    }

    /**
     * Returns the slider whose widest gap is $gap.
     */
    public static function openingTo(Length $length, Length $gap): self
    {
        return self::withTails($length, $gap->plus($length)->times(0.5));
    }

    /**
     * Returns the gap between the body's ends when pulled shut.
     */
    public function closedGap(): Length
    {
        return $this->length;
    }

    /**
     * Returns the gap between the body's ends when pulled fully open.
     */
    public function openGap(): Length
    {
        return $this->tail->times(2)->minus($this->length);
    }
}
