<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\SquareKnotBand;

use Rinkel\Core\Construction\SquareKnotBand;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Measure\WrittenLength;
use Rinkel\Core\Plan\Figure;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Step;

/**
 * How every figure of a planned square-knot band comes about.
 */
final readonly class Derivation
{
    /** Common practice: each working cord of a flat band is cut six times the band's length. */
    public const MULTIPLE = 6;

    public function __construct(private Plan $plan) {}

    /**
     * @return list<Figure>
     */
    public function figures(): array
    {
        return [
            $this->wished(),
            $this->thickness(),
            $this->body(),
            $this->sliderLength(),
            $this->tail(),
            $this->closed(),
            $this->open(),
            ...array_map($this->cut(...), $this->plan->cuts),
            $this->multiple(),
        ];
    }

    private function wished(): Figure
    {
        $piece = $this->plan->piece;

        return new Figure('wished', $this->plan->wished, [Measured::Snug === $piece->wearer->measured
            ? new Step('wished-snug', ['wrist' => $piece->wearer->wrist, 'ease' => $piece->ease, 'wished' => $this->plan->wished])
            : new Step('wished-comfortable', ['wished' => $this->plan->wished]),
        ]);
    }

    private function thickness(): Figure
    {
        $piece = $this->plan->piece;

        return new Figure('thickness', $this->plan->knot->thickness, [new Step('thickness', [
            'core' => $piece->coreBundle()->height()->written(Unit::Millimetre),
            'working' => $piece->working->thickness->written(Unit::Millimetre),
            'thickness' => $this->plan->knot->thickness->written(Unit::Millimetre),
            'bend' => $this->plan->knot->thickness->times(\M_PI)->written(Unit::Millimetre),
        ])]);
    }

    private function body(): Figure
    {
        $plan = $this->plan;
        $skin = $plan->piece->wearer->skin();
        $laid = $skin->plus($plan->knot->thickness->times(\M_PI));
        $pitch = new Step('pitch', [
            'pitch' => $this->fine($plan->knot->pitch->millimetres),
            'use' => $this->fine($plan->knot->use->millimetres),
            'working' => $plan->piece->working->thickness->written(Unit::Millimetre),
        ]);
        $fit = null === $plan->piece->squareKnots
            ? new Step('band-fits', ['skin' => $skin, 'laid' => $laid, 'slider' => $plan->slider->length, 'room' => $laid->minus($plan->slider->length)])
            : new Step('band-chosen', ['knots' => $plan->squareKnots]);

        return new Figure('body', $plan->body, [$pitch, $fit, new Step('band-length', [
            'knots' => $plan->squareKnots,
            'pitch' => $this->fine($plan->knot->pitch->millimetres),
            'body' => $plan->body,
        ])]);
    }

    private function sliderLength(): Figure
    {
        $plan = $this->plan;

        return new Figure('slider', $plan->slider->length, [new Step('slider-length', [
            'knots' => $plan->piece->sliderKnots,
            'pitch' => $this->fine($plan->sliderKnot->pitch->millimetres),
            'tails' => 2 * $plan->piece->cores,
            'slider' => $plan->slider->length,
        ])]);
    }

    private function tail(): Figure
    {
        $plan = $this->plan;
        if (null !== $plan->piece->tail) {
            return new Figure('tail', $plan->slider->tail, [new Step('tail-chosen', ['tail' => $plan->slider->tail])]);
        }

        return new Figure('tail', $plan->slider->tail, [
            new Step('tail-opening', [
                'hand' => $plan->piece->wearer->handGirth(),
                'slip' => SquareKnotBand::slip(),
                'gap' => $plan->slider->openGap(),
                'body' => $plan->body,
            ]),
            new Step('tail-length', ['gap' => $plan->slider->openGap(), 'slider' => $plan->slider->length, 'tail' => $plan->slider->tail]),
        ]);
    }

    private function closed(): Figure
    {
        $plan = $this->plan;

        return new Figure('closed', $plan->closed, [new Step('closed', [
            'body' => $plan->body,
            'slider' => $plan->slider->length,
            'bend' => $plan->knot->thickness->times(\M_PI),
            'closed' => $plan->closed,
        ])]);
    }

    private function open(): Figure
    {
        $plan = $this->plan;

        return new Figure('open', $plan->open, [new Step('open', [
            'body' => $plan->body,
            'tail' => $plan->slider->tail,
            'slider' => $plan->slider->length,
            'bend' => $plan->knot->thickness->times(\M_PI),
            'open' => $plan->open,
        ])]);
    }

    private function cut(Cut $cut): Figure
    {
        $steps = [];
        foreach ($cut->parts as $part => $length) {
            $steps[] = new Step('cut-'.$cut->role.'-'.$part, ['length' => $length] + $this->behind($cut, $part));
        }

        return new Figure('cut-'.$cut->role, $cut->length, $steps);
    }

    /**
     * @return array<string, \Rinkel\Core\Measure\Length|WrittenLength|int|float|string>
     */
    private function behind(Cut $cut, string $part): array
    {
        $plan = $this->plan;

        return match ($part) {
            'knots' => 'working' === $cut->role
                ? ['knots' => $plan->squareKnots, 'use' => $this->fine($plan->knot->use->millimetres)]
                : ['knots' => $plan->piece->sliderKnots, 'use' => $this->fine($plan->sliderKnot->use->millimetres)],
            'closure' => [
                'tail' => $plan->slider->tail,
                'stop' => $plan->stopKnot->use->written(Unit::Millimetre),
                'end' => $plan->slider::tailEnd()->written(Unit::Millimetre),
            ],
            'ends' => ['handling' => Cut::handling()],
            'margin' => ['percent' => (int) round(100 * Cut::MARGIN)],
            'rounding' => ['cut' => $cut->length],
            default => [],
        };
    }

    private function multiple(): Figure
    {
        $each = $this->plan->body->times(self::MULTIPLE);

        return new Figure('multiple', $each->times(2), [new Step('multiple', [
            'times' => self::MULTIPLE,
            'body' => $this->plan->body,
            'each' => $each,
            'both' => $each->times(2),
            'model' => round($this->plan->knot->use->ratioTo($this->plan->knot->pitch), 1),
        ])]);
    }

    /**
     * Returns a knot's size to a hundredth of a millimetre: small sizes are multiplied often, a rounded one would mislead.
     */
    private function fine(float $millimetres): string
    {
        return number_format($millimetres, 2, '.', '').' mm';
    }
}
