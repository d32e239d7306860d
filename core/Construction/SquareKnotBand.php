<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\SquareKnotSlider;
use Rinkel\Core\Construction\SquareKnotBand\Derivation;
use Rinkel\Core\Construction\SquareKnotBand\Judgement;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Knot\SquareKnot;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Plan\Neighbour;
use Rinkel\Core\Plan\Plan;

/**
 * A flat band of square knots over straight cores, closed by a slider over the core ends.
 *
 * Lengths along the middle of the band and the girth inside it differ by pi times the band's thickness. The band is as many
 * whole square knots as still let it close down to the skin; its tails are as long as the hand needs.
 */
final readonly class SquareKnotBand
{
    private Tied $knot;
    private Tied $sliderKnot;
    private Tied $stopKnot;
    private Length $sliderLength;

    public function __construct(private Piece $piece)
    {
        $square = new SquareKnot();
        $this->knot = $square->tied($piece->coreBundle(), $piece->working, $piece->hand);
        $this->sliderKnot = $square->tied($piece->tailBundle(), $piece->working, $piece->hand);
        $this->stopKnot = (new OverhandKnot())->tied($piece->core, $piece->cores);
        $this->sliderLength = $this->sliderKnot->pitch->times($piece->sliderKnots);
    }

    public function plan(): Plan
    {
        $count = $this->piece->squareKnots ?? $this->fittingCount($this->piece->wearer->skin());
        $body = $this->knot->pitch->times($count);
        $slider = $this->slider($body);
        $plan = new Plan(
            $this->piece,
            $count,
            $this->knot,
            $this->sliderKnot,
            $this->stopKnot,
            $slider,
            $body,
            $this->wished(),
            $this->inside($body, $slider->closedGap()),
            $this->inside($body, $slider->openGap()),
            [$this->coreCut($body, $slider), $this->workingCut($count), $this->sliderCut()],
            $this->neighbours($count),
        );

        return $plan->explained((new Derivation($plan))->figures(), (new Judgement($plan, $this))->checks());
    }

    /**
     * Returns the most whole square knots, at least one, with which the band still closes down to $inside.
     */
    public function fittingCount(Length $inside): int
    {
        return max(1, $this->laid($inside)->minus($this->sliderLength)->wholeTimes($this->knot->pitch));
    }

    /**
     * Returns the shortest tail with which a band of length $body opens to $inside.
     */
    public function tailOpeningTo(Length $inside, Length $body): Length
    {
        return SquareKnotSlider::openingTo($this->sliderLength, $this->laid($inside)->minus($body))->tail;
    }

    /**
     * Returns the room beyond the hand's girth that lets a band slip over it (1/4 in; judgement).
     */
    public static function slip(): Length
    {
        return Length::ofInches(0.25);
    }

    private function slider(Length $body): SquareKnotSlider
    {
        $opening = Length::longest($this->piece->wearer->handGirth()->plus(self::slip()), $this->wished());

        return SquareKnotSlider::withTails(
            $this->sliderLength,
            $this->piece->tail ?? $this->tailOpeningTo($opening, $body),
        );
    }

    private function wished(): Length
    {
        return $this->piece->wearer->wrist->plus($this->piece->roomOverWrist());
    }

    /**
     * Returns the girth inside a ring whose middle is $body and $gap long.
     */
    private function inside(Length $body, Length $gap): Length
    {
        return $body->plus($gap)->minus($this->knot->thickness->times(\M_PI));
    }

    /**
     * Returns the length along the middle of a ring with the girth $inside.
     */
    private function laid(Length $inside): Length
    {
        return $inside->plus($this->knot->thickness->times(\M_PI));
    }

    private function coreCut(Length $body, SquareKnotSlider $slider): Cut
    {
        return Cut::of(
            'core',
            $this->piece->cores,
            $this->piece->core,
            false,
            $this->piece->unit,
            straight: $body,
            knots: Length::zero(),
            tails: $slider->tail->plus(SquareKnotSlider::tailEnd())->times(2),
            stopKnots: $this->stopKnot->use->times(2),
        );
    }

    private function workingCut(int $count): Cut
    {
        return $this->folded('working', $this->knot->use->times(2 * $count));
    }

    private function sliderCut(): Cut
    {
        return $this->folded('slider', $this->sliderKnot->use->times(2 * $this->piece->sliderKnots));
    }

    private function folded(string $role, Length $knots): Cut
    {
        $none = Length::zero();

        return Cut::of($role, 1, $this->piece->working, true, $this->piece->unit, $none, $knots, $none, $none);
    }

    /**
     * @return list<Neighbour>
     */
    private function neighbours(int $count): array
    {
        $scale = new EaseScale($this->piece->wearer);
        $neighbours = [];
        foreach ([-2, -1, 1, 2] as $difference) {
            $closed = $this->inside($this->knot->pitch->times($count + $difference), $this->sliderLength);
            if ($count + $difference >= 1) {
                $neighbours[] = new Neighbour($difference, $count + $difference, $closed, $scale->zoneOf($closed));
            }
        }

        return $neighbours;
    }
}
