<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

use Rinkel\Core\Measure\Length;

/**
 * The ring that a piece makes on its wearer: inside girths against lengths along the piece's middle.
 *
 * With thickness t all round a ring of the girth F inside is F + πt long along its middle; what is thicker than that
 * lifts it (Profile). The lift is worked out for the skin, for the wished fit and for the hand (Bend). Several wraps add up, each interpolated between the two girths at its own place up the arm or leg.
 */
final class Ring
{
    /** A slider opens a piece of an asked length by at least so much, in mm (judgement). */
    private const OPENS = 40.0;

    /** Once asked for. */
    private ?Bend $bend = null;

    /**
     * @param Length      $ease  room over the girth, zero when it was measured comfortably loose
     * @param Length      $width of one wrap with its gap to the next, along the arm
     * @param Length|null $asked a length asked for by its maker, which counts instead of the fit
     * @param self|null   $like  with other counts, from which it differs little
     */
    public function __construct(
        public readonly Wearer $wearer,
        public readonly Length $ease,
        public readonly int $wraps,
        public readonly Profile $profile,
        public readonly Length $width,
        public readonly ?Length $asked = null,
        private readonly ?self $like = null,
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
        $last = Length::longest($hand, $worn);
        $lift = $this->lift($last)->minus($this->lift($worn))->times(1 / $this->wraps);

        return $this->laid($worn)->plus($last->minus($worn))->plus($lift);
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
        $bare = $laid->minus($this->climb())->times(1 / $this->wraps)->minus($this->profile->thin->times(\M_PI));

        return Length::ofMillimetres($this->bend()->solved($bare->millimetres, $this->wraps));
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

        $wider = $laid->minus($this->laid($worn))->plus($worn)->plus($this->lift($worn)->times(1 / $this->wraps));

        return Length::ofMillimetres($this->bend()->solved($wider->millimetres, $this->wraps));
    }

    /**
     * Returns by how much what is thick lengthens all wraps when the first has the girth $inside.
     */
    public function lift(Length $inside): Length
    {
        return Length::ofMillimetres($this->bend()->lift($inside->millimetres));
    }

    private function bend(): Bend
    {
        return $this->bend ??= match (true) {
            $this->profile->isEven() => Bend::none(),
            null !== $this->like && !$this->like->profile->isEven() => $this->likeIt($this->like),
            default => $this->measured(),
        };
    }

    private function likeIt(self $like): Bend
    {
        $worn = $this->wearer->girth->plus($this->ease);
        $there = Length::longest($worn, $this->least($like->lift($worn)));

        return $like->bend()->from($there->millimetres, $this->lifted($there)->millimetres);
    }

    private function measured(): Bend
    {
        $skin = $this->wearer->skin();
        $worn = Length::longest($this->wearer->girth->plus($this->ease), $skin);
        $lift = $this->lifted($worn);
        $least = $this->least($lift);
        // So long a body may never lie on the skin, nor as is wished.
        $girths = [Length::longest($skin, $least), Length::longest($worn, $least)];
        $girths[] = Length::longest($this->wearer->handGirth(), $girths[1]->plus(Length::ofMillimetres(20)));
        $points = [];
        foreach ($girths as $girth) {
            if ([] === $points || $girth->millimetres > $points[\count($points) - 1][0] + 1) {
                $points[] = [$girth->millimetres, ($girth->equals($worn) ? $lift : $this->lifted($girth))->millimetres];
            }
        }

        return Bend::through($points);
    }

    /**
     * Returns about the girth inside when the ends of the body touch.
     */
    private function least(Length $lift): Length
    {
        $bare = $this->profile->body->minus($this->climb())->minus($lift)->times(1 / $this->wraps);

        return $bare->minus($this->profile->thin->times(\M_PI));
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
    public function rise(): float
    {
        return null === $this->wearer->upper || null === $this->wearer->upperAt || $this->wearer->upperAt->isZero()
            ? 0.0
            : $this->wearer->upper->minus($this->wearer->girth)->ratioTo($this->wearer->upperAt);
    }
}
