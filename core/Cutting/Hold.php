<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Measure\Length;

/**
 * What a free end is wanted for: to be held by hand, or a length of its own.
 */
final readonly class Hold
{
    private function __construct(
        private ?Length $own,
        private Length $held,
    ) {}

    /**
     * Returns an end that is held by hand to knot on; so much of it is held by what runs on anyway.
     */
    public static function byHand(?Length $running = null): self
    {
        return new self(null, $running ?? Length::zero());
    }

    /**
     * Returns an end of which so much is wanted, however it is held.
     */
    public static function wanting(Length $own): self
    {
        return new self($own, Length::zero());
    }

    /**
     * Returns what a maker needs of a free end to hold it and knot with it (75 mm, common practice).
     */
    public static function usual(): Length
    {
        return Length::ofMillimetres(75);
    }

    /**
     * Returns how much of the end is wanted by a maker who holds it by $hand.
     */
    public function length(Length $hand): Length
    {
        return $this->own ?? Length::longest(Length::zero(), $hand->minus($this->held));
    }
}
