<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

use Rinkel\Core\Measure\Length;

/**
 * The ring that a piece makes on its wearer: inside girths against lengths along the piece's middle.
 *
 * With thickness t a ring of the girth F inside is F + πt long along its middle. Several wraps add up, each
 * interpolated between the two girths at its own place up the arm or leg; the whole is then the sum over all wraps.
 */
final readonly class Ring
{
    /**
     * @param Length      $ease      room over the girth, nought when it was measured comfortably loose
     * @param Length      $thickness of the piece on the body
     * @param Length      $width     of one wrap with its gap to the next, along the arm
     * @param Length|null $asked     a length asked for by its maker, which counts instead of the fit
     */
    public function __construct(
        public Wearer $wearer,
        public Length $ease,
        public int $wraps,
        public Length $thickness,
        public Length $width,
        public ?Length $asked = null,
    ) {}

    /**
     * Returns the length along the middle for the wished fit.
     */
    public function wished(): Length
    {
        return $this->asked ?? $this->laid($this->wearer->girth->plus($this->ease));
    }

    /**
     * Returns the length along the middle for a ring that touches the skin all round.
     */
    public function atSkin(): Length
    {
        return $this->asked ?? $this->laid($this->wearer->skin());
    }

    /**
     * Returns the length along the middle for a ring that passes the hand or foot with a little room (1/4 in;
     * judgement).
     */
    public function overHand(): Length
    {
        return $this->laid(Length::longest($this->wearer->handGirth(), $this->wearer->girth->plus($this->ease)))
            ->plus(self::slip()->times($this->wraps));
    }

    public static function slip(): Length
    {
        return Length::ofInches(0.25);
    }

    /**
     * Returns the length along the middle of all wraps when the first has the girth $inside.
     */
    public function laid(Length $inside): Length
    {
        $wider = $this->climb();

        return $inside->plus($this->thickness->times(\M_PI))->times($this->wraps)->plus($wider);
    }

    /**
     * Returns the girth inside the first wrap of a piece $laid long along its middle.
     */
    public function inside(Length $laid): Length
    {
        return $laid->minus($this->climb())->times(1 / $this->wraps)->minus($this->thickness->times(\M_PI));
    }

    /**
     * Returns by how much all wraps together are longer than the first taken as often, as the arm widens.
     */
    private function climb(): Length
    {
        if (null === $this->wearer->upper || null === $this->wearer->upperAt || $this->wearer->upperAt->isZero()) {
            return Length::zero();
        }
        $slope = $this->wearer->upper->minus($this->wearer->girth)->ratioTo($this->wearer->upperAt);
        $steps = $this->wraps * ($this->wraps - 1) / 2;

        return $this->width->times($slope * $steps);
    }
}
