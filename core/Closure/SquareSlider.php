<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\Sliding;
use Rinkel\Core\Fit\Lie;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;

/**
 * A slider of square knots over both tails. The body is as long as lets it close to the skin, the tails open it to the
 * hand.
 *
 * @internal
 */
final readonly class SquareSlider implements Closure
{
    /** Fewer square knots than this are held not to be secure by many makers (common practice). */
    public const SECURE = 4;

    /**
     * @param TiedKnot $knot one square knot over both tails
     * @param TiedKnot $stop the stop knot of a tail
     */
    public function __construct(
        private ClosureWish $wish,
        private TiedKnot $knot,
        private TiedKnot $stop,
        private Site $site,
    ) {}

    public function body(Ring $ring): Length
    {
        return null === $this->wish->reach->shows
            ? $ring->atSkin()->minus($this->length())
            : $this->wish->reach->shows->body($ring, $ring->wished()->minus($this->length()));
    }

    public function isBound(): bool
    {
        return true;
    }

    public function lies(): array
    {
        return [Lie::bending($this->length(), $this->knot->thickness)];
    }

    public function fasten(Ring $ring, Length $body): Fastened
    {
        $opening = SquareKnotSlider::openingTo($this->length(), $ring->overHand()->minus($body));
        $slider = null === $this->wish->reach->tail ? $opening : SquareKnotSlider::withTails(
            $this->length(),
            $this->wish->reach->tail,
        );

        return new Fastened(
            $this->wish->kind,
            new ClosureSpan(
                narrow: $slider->closedGap(),
                wide: $slider->openGap(),
                tail: $slider->tail,
                length: $slider->length,
            ),
            new Sliding(
                $this->site->working,
                $this->knot,
                $this->wish->knot->knots,
                $slider->closedGap(),
                $this->site->stops($slider->tail, $this->stop),
                $this->wish->knot->glued,
                $this->site->takesAll(),
            ),
            fittings: new Fittings(beads: $this->site->tipped()),
            checks: $this->checks(),
            steps: $this->steps($slider),
        );
    }

    /**
     * @return list<Check>
     */
    private function checks(): array
    {
        return $this->wish->knot->knots < self::SECURE ? [new Check(
            'slider-few-knots',
            $this->wish->knot->knots < 2 ? Severity::Warn : Severity::Hint,
            ['knots' => $this->wish->knot->knots, 'secure' => self::SECURE],
            new Remedy('closure.knots', self::SECURE),
        )] : [];
    }

    /**
     * @return list<Step>
     */
    private function steps(SquareKnotSlider $slider): array
    {
        return [
            new Step('slider-length', [
                'knots' => $this->wish->knot->knots,
                'pitch' => number_format($this->knot->pitch->millimetres, 2, '.', '').' mm',
                'slider' => $slider->length,
            ]),
            null === $this->wish->reach->tail
                ? new Step('slider-tail', [
                    'gap' => $slider->openGap(),
                    'slider' => $slider->length,
                    'tail' => $slider->tail,
                    'slip' => Ring::slip(),
                ])
                : new Step('tail-chosen', ['tail' => $slider->tail]),
            new Step('stop-knot', [
                'stop' => $this->stop->use->written(Unit::Millimetre),
                'end' => $this->site->beyond()->written(Unit::Millimetre),
            ]),
        ];
    }

    private function length(): Length
    {
        return $this->knot->pitch->times($this->wish->knot->knots);
    }
}
