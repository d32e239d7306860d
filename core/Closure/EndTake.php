<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Cutting\Hold;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;

/**
 * What a closure takes of one cord at one end of the piece, and what that cord's free end is wanted for.
 */
final readonly class EndTake
{
    private function __construct(
        public Take $take,
        public Hold $free,
    ) {}

    /**
     * Returns an end that is held by hand to knot on.
     */
    public static function held(?Take $take = null): self
    {
        return new self($take ?? Take::none(), Hold::byHand());
    }

    /**
     * Returns an end that runs on as a tail: it is held by that, and only what lacks of a hand's breadth is wanted more.
     */
    public static function tail(Take $take): self
    {
        return new self($take, Hold::byHand($take->straight));
    }

    /**
     * Returns an end of which $free is wanted besides: to be threaded back, glued or trimmed.
     */
    public static function wanting(Take $take, Length $free): self
    {
        return new self($take, Hold::wanting($free));
    }

    /**
     * Returns what a maker needs of the cord that ties a slider: it is pulled through and trimmed at once (25 mm;
     * judgement).
     */
    public static function slider(): Length
    {
        return Length::ofMillimetres(25);
    }

    /**
     * Returns what a rope's end wants to be glued and trimmed (40 mm; judgement).
     */
    public static function glued(): Length
    {
        return Length::ofMillimetres(40);
    }
}
