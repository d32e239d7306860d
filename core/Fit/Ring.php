<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

use Rinkel\Core\Measure\Length;

/**
 * The ring that a piece makes on its wearer: inside girths against lengths along the piece's middle.
 *
 * With thickness t all round a ring of the girth F inside is F + πt long along its middle; what is thicker than that
 * lifts it (Profile). The lift changes little with the girth: it is worked out for the skin and for the hand, and between
 * them goes straight. Several wraps add up, each interpolated between the two girths at its own place up the arm or leg.
 */
final class Ring
{
    /** A slider opens a piece of an asked length by at least so much, in mm (judgement). */
    private const OPENS = 40.0;

    /** @var array{float, float, float}|null lift in mm at a girth, how much more of it for each mm of girth, and that girth */
    private ?array $lifts = null;

    /**
     * @param Length      $ease  room over the girth, nought when it was measured comfortably loose
     * @param Length      $width of one wrap with its gap to the next, along the arm
     * @param Length|null $asked a length asked for by its maker, which counts instead of the fit
     * @param float|null  $slope of the lift, by each mm of girth, where it is known from a ring much like this one
     */
    public function __construct(
        public readonly Wearer $wearer,
        public readonly Length $ease,
        public readonly int $wraps,
        public readonly Profile $profile,
        public readonly Length $width,
        public readonly ?Length $asked = null,
        private readonly ?float $slope = null,
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
     * judgement). Of several wraps only the last passes it, the others lie on the skin by then. A piece of an asked
     * length opens in any case.
     */
    public function overHand(): Length
    {
        $opened = $this->through($this->wearer->handGirth()->plus(self::slip()));

        return null === $this->asked
            ? $opened
            : Length::longest($opened, $this->asked->plus(Length::ofMillimetres(self::OPENS)));
    }

    /**
     * Returns the length along the middle that lets $hand through the last wrap, the others on the skin.
     */
    public function through(Length $hand): Length
    {
        $worn = $this->wearer->girth->plus($this->ease);
        $wider = Length::longest($hand->minus($worn), Length::zero());

        return $this->laid($worn)->plus($wider->times(1 + $this->lifts()[1] / $this->wraps));
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
        return $this->bare($inside)->plus($this->lift($inside));
    }

    /**
     * Returns the girth inside the first wrap of a piece $laid long along its middle.
     */
    public function inside(Length $laid): Length
    {
        [$lift, $slope, $near] = $this->lifts();
        $fixed = $this->climb()->millimetres + $this->wraps * \M_PI * $this->profile->thin->millimetres + $lift;

        return Length::ofMillimetres(($laid->millimetres - $fixed + $slope * $near) / ($this->wraps + $slope));
    }

    /**
     * Returns the girth of the hand that just gets through a piece $laid long: its last wrap has what the others leave.
     */
    public function passing(Length $laid): Length
    {
        $worn = $this->wearer->girth->plus($this->ease);
        if (1 === $this->wraps || !$laid->isLongerThan($this->laid($worn))) {
            return $this->inside($laid);
        }

        return $laid->minus($this->laid($worn))->times(1 / (1 + $this->lifts()[1] / $this->wraps))->plus($worn);
    }

    /**
     * Returns by how much what is thick lengthens all wraps when the first has the girth $inside.
     */
    public function lift(Length $inside): Length
    {
        [$lift, $slope, $near] = $this->lifts();

        return Length::ofMillimetres($lift + $slope * ($inside->millimetres - $near));
    }

    /**
     * Returns how much the lift grows with each mm of girth.
     */
    public function slope(): float
    {
        return $this->lifts()[1];
    }

    /**
     * @return array{float, float, float}
     */
    private function lifts(): array
    {
        if (null === $this->lifts) {
            $near = $this->wearer->skin();
            $lift = $this->lifted($near);
            $least = $this->profile->isEven() ? $near : $this->least($lift);
            if ($least->isLongerThan($near->times(1.02))) {
                // So long a body never lies on the skin.
                [$near, $lift] = [$least, $this->lifted($least)];
            }
            $this->lifts = [$lift->millimetres, $this->slope ?? $this->slopeFrom($near, $lift), $near->millimetres];
        }

        return $this->lifts;
    }

    /**
     * Returns about the girth inside when the ends of the body touch.
     */
    private function least(Length $lift): Length
    {
        $bare = $this->profile->body->minus($this->climb())->minus($lift)->times(1 / $this->wraps);

        return $bare->minus($this->profile->thin->times(\M_PI));
    }

    private function slopeFrom(Length $near, Length $lift): float
    {
        if ($this->profile->isEven()) {
            return 0.0;
        }
        $far = Length::longest($this->wearer->handGirth(), $near->plus(Length::ofMillimetres(20)));

        return $this->lifted($far)->minus($lift)->ratioTo($far->minus($near));
    }

    private function lifted(Length $inside): Length
    {
        return $this->profile->lift(array_map(
            fn (int $wrap): Length => $inside->plus($this->width->times($this->rise() * $wrap)),
            range(0, $this->wraps - 1),
        ), $this->wearer->place->ratio());
    }

    /**
     * Returns all wraps of nothing but what is thin.
     */
    private function bare(Length $inside): Length
    {
        return $inside->plus($this->profile->thin->times(\M_PI))->times($this->wraps)->plus($this->climb());
    }

    /**
     * Returns by how much all wraps together are longer than the first taken as often, as the arm widens.
     */
    private function climb(): Length
    {
        return $this->width->times($this->rise() * $this->wraps * ($this->wraps - 1) / 2);
    }

    /**
     * Returns by how much the arm widens for each length up it.
     */
    private function rise(): float
    {
        return null === $this->wearer->upper || null === $this->wearer->upperAt || $this->wearer->upperAt->isZero()
            ? 0.0
            : $this->wearer->upper->minus($this->wearer->girth)->ratioTo($this->wearer->upperAt);
    }
}
