<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;

/**
 * What a closure takes of one cord at one end of the piece, and what that cord's free end is wanted for.
 */
final readonly class EndTake
{
    private function __construct(
        public Take $take,
        public Length $free,
    ) {}

    /**
     * Returns an end that is held by hand to knot on: 75 mm (common practice).
     */
    public static function held(?Take $take = null): self
    {
        return new self($take ?? Take::none(), self::handling());
    }

    /**
     * Returns an end that runs on as a tail: it is held by that, and only what lacks of a hand's breadth is wanted more.
     */
    public static function tail(Take $take): self
    {
        return new self($take, Length::longest(Length::zero(), self::handling()->minus($take->straight)));
    }

    /**
     * Returns an end of which $free is wanted besides: to be threaded back, glued or trimmed.
     */
    public static function wanting(Take $take, Length $free): self
    {
        return new self($take, $free);
    }

    /**
     * Returns what a maker needs of a free end to hold it and knot with it (75 mm, common practice).
     */
    public static function handling(): Length
    {
        return Length::ofMillimetres(75);
    }

    /**
     * Returns what she needs of the cord that ties a slider: it is pulled through and trimmed at once (25 mm; judgement).
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
