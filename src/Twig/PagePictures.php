<?php

declare(strict_types=1);

namespace Rinkel\App\Twig;

use Rinkel\App\Drawing\BandDrawing;
use Rinkel\App\Drawing\CutBar;
use Rinkel\App\Drawing\FitGauge;
use Rinkel\App\Wording\Wording;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * The drawings of a plan with the words that belong to them.
 */
final readonly class PagePictures
{
    public function __construct(
        private TranslatorInterface $translator,
        private Wording $wording,
    ) {}

    public function board(Plan $plan, int $zoom): string
    {
        return (new BandDrawing($plan, 'board'))->board($zoom, $this->translator->trans('piece.drawing', $this->numbers($plan)));
    }

    public function small(Plan $plan, int $id): string
    {
        return (new BandDrawing($plan, 'piece-'.$id))->small($this->translator->trans('piece.drawing', $this->numbers($plan)));
    }

    public function closure(Plan $plan): string
    {
        return (new BandDrawing($plan, 'closure'))->closure($plan->wornGap(), $this->translator->trans('piece.closure-drawing', $this->numbers($plan)));
    }

    public function gauge(Plan $plan): string
    {
        $numbers = $this->numbers($plan);
        $words = [];
        foreach (FitZone::cases() as $zone) {
            $words[$zone->value] = $this->translator->trans('zone.'.$zone->value);
        }
        foreach (['wished', 'hand', 'shut', 'open', 'label'] as $word) {
            $words[$word] = $this->translator->trans('gauge.'.$word, $numbers);
        }

        return (new FitGauge($plan))->paint($words);
    }

    public function cutBar(Cut $cut, Unit $unit): string
    {
        $parts = [];
        foreach ($cut->parts as $part => $length) {
            $parts[] = $this->translator->trans('part.'.$part).' '.$this->wording->length($length, $unit);
        }

        return (new CutBar($cut))->paint(implode(', ', $parts));
    }

    /**
     * @return array<string, int|string>
     */
    private function numbers(Plan $plan): array
    {
        $said = fn (\Rinkel\Core\Measure\Length $length): string => (string) $this->wording->length($length, $plan->piece->unit);

        return [
            'knots' => $plan->squareKnots,
            'body' => $said($plan->body),
            'tail' => $said($plan->slider->tail),
            'wished' => $said($plan->wished),
            'hand' => $said($plan->piece->wearer->handGirth()),
            'shut' => $said($plan->closed),
            'open' => $said($plan->open),
            'gap' => $said($plan->wornGap()),
        ];
    }
}
