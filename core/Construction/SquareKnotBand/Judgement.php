<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\SquareKnotBand;

use Rinkel\Core\Construction\SquareKnotBand;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Check;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Remedy;
use Rinkel\Core\Plan\Severity;

/**
 * What a maker of experience would say about a planned square-knot band.
 */
final readonly class Judgement
{
    /** Fewer square knots than this in a slider are held not to be secure by many makers (common practice). */
    public const SECURE_SLIDER = 4;

    public function __construct(
        private Plan $plan,
        private SquareKnotBand $band,
    ) {}

    /**
     * @return list<Check>
     */
    public function checks(): array
    {
        return array_values(array_filter([
            $this->tooLong(),
            $this->cannotOpen(),
            $this->fewSliderKnots(),
            $this->handEstimated(),
            $this->ending(),
            new Check('slider-no-glue', Severity::Hint),
            $this->endingCaution(),
            new Check('small-parts', Severity::Caution),
        ]));
    }

    private function tooLong(): ?Check
    {
        $plan = $this->plan;
        if (!$plan->closed->isLongerThan($plan->wished)) {
            return null;
        }
        $fitting = $this->band->fittingCount($plan->wished);

        return new Check('band-too-long', Severity::Stop, [
            'closed' => $plan->closed,
            'wished' => $plan->wished,
            'over' => $plan->closed->minus($plan->wished),
            'knots' => $fitting,
            'zone' => (new EaseScale($plan->piece->wearer))->zoneOf($plan->closed)->value,
        ], $fitting < $plan->squareKnots ? new Remedy('band.squareKnots', $fitting) : null);
    }

    private function cannotOpen(): ?Check
    {
        $plan = $this->plan;
        $needed = Length::longest($plan->piece->wearer->handGirth(), $plan->wished);
        if (!$plan->open->isShorterThan($needed)) {
            return null;
        }
        $tail = $this->band->tailOpeningTo($needed, $plan->body)->roundedUpTo(Length::ofMillimetres(1));

        return new Check('cannot-open', Severity::Stop, [
            'open' => $plan->open,
            'hand' => $needed,
            'short' => $needed->minus($plan->open),
            'tail' => $tail,
        ], new Remedy('slider.tail', $tail));
    }

    private function fewSliderKnots(): ?Check
    {
        $knots = $this->plan->piece->sliderKnots;

        return $knots >= self::SECURE_SLIDER ? null : new Check(
            'slider-few-knots',
            Severity::Warn,
            ['knots' => $knots, 'secure' => self::SECURE_SLIDER],
            new Remedy('slider.knots', self::SECURE_SLIDER),
        );
    }

    private function handEstimated(): ?Check
    {
        $wearer = $this->plan->piece->wearer;

        return null !== $wearer->hand ? null : new Check(
            'hand-estimated',
            Severity::Hint,
            ['hand' => $wearer->handGirth(), 'ratio' => $wearer::HAND_TO_WRIST],
        );
    }

    private function ending(): Check
    {
        $fibre = $this->plan->piece->working->fibre;

        return new Check('finish-'.$fibre->ending()->value, Severity::Hint, ['fibre' => $fibre->value]);
    }

    private function endingCaution(): Check
    {
        return new Check(
            Ending::Singe === $this->plan->piece->working->fibre->ending() ? 'open-flame' : 'glue-fumes',
            Severity::Caution,
        );
    }
}
