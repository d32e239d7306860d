<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\Sliding;
use Rinkel\Core\Fit\Lie;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;

/**
 * A slider of square knots over both tails. The body is as long as lets it close to the skin, the tails open it to the
 * hand.
 */
final readonly class SquareSlider implements Closure
{
    /** Fewer square knots than this are held not to be secure by many makers (common practice). */
    public const SECURE = 4;

    /**
     * @param Tied $knot one square knot over both tails
     * @param Tied $stop the stop knot of a tail
     */
    public function __construct(
        private ClosureWish $wish,
        private Tied $knot,
        private Tied $stop,
        private Site $site,
    ) {}

    public function body(Ring $ring): Length
    {
        return null === $this->wish->shows
            ? $ring->atSkin()->minus($this->length())
            : $this->wish->shows->body($ring, $ring->wished()->minus($this->length()));
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
        $slider = null === $this->wish->tail ? $opening : SquareKnotSlider::withTails(
            $this->length(),
            $this->wish->tail,
        );
        $few = $this->wish->knots < self::SECURE ? [new Check(
            'slider-few-knots',
            $this->wish->knots < 2 ? Severity::Warn : Severity::Hint,
            ['knots' => $this->wish->knots, 'secure' => self::SECURE],
            new Remedy('closure.knots', self::SECURE),
        )] : [];

        return new Fastened(
            $this->wish->kind,
            $slider->closedGap(),
            $slider->openGap(),
            new Sliding(
                $this->site->working,
                $this->knot,
                $this->wish->knots,
                $slider->closedGap(),
                $this->site->stops($slider->tail, $this->stop),
                $this->wish->glued,
                $this->site->takesAll(),
            ),
            tail: $slider->tail,
            length: $slider->length,
            checks: $few,
            steps: [
                new Step('slider-length', [
                    'knots' => $this->wish->knots,
                    'pitch' => number_format($this->knot->pitch->millimetres, 2, '.', '').' mm',
                    'slider' => $slider->length,
                ]),
                null === $this->wish->tail
                    ? new Step(
                        'slider-tail',
                        [
                            'gap' => $slider->openGap(),
                            'slider' => $slider->length,
                            'tail' => $slider->tail,
                            'slip' => Ring::slip(),
                        ],
                    )
                    : new Step('tail-chosen', ['tail' => $slider->tail]),
                new Step(
                    'stop-knot',
                    [
                        'stop' => $this->stop->use->written(Unit::Millimetre),
                        'end' => $this->site->beyond()->written(Unit::Millimetre),
                    ],
                ),
            ],
            beads: $this->site->tipped(),
        );
    }

    private function length(): Length
    {
        return $this->knot->pitch->times($this->wish->knots);
    }
}
