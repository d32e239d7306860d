<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\SupplyCuts;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Svg\PieceDrawing;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * The drawings of a plan with the words that belong to them.
 */
final readonly class PagePictures
{
    public function __construct(
        private TranslatorInterface $translator,
        private Wording $wording,
        private Preferences $preferences,
    ) {}

    public function board(Plan $plan, int $zoom): string
    {
        return (new PieceDrawing($plan, 'board'))->board(
            $zoom,
            $this->translator->trans('piece.drawing', $this->numbers($plan)),
            $this->zones($plan),
        );
    }

    /**
     * @param non-empty-list<Plan> $plans below each other on one tape
     * @param list<string>         $names of each
     * @param list<Length>         $held  what each is drawn out from by a handle
     */
    public function rows(array $plans, array $names, array $held = []): string
    {
        return SizeRows::paint(
            $plans,
            $names,
            $plans[0]->draft->piece->unit,
            $this->translator->trans('sizes.drawing', ['sizes' => implode(', ', $names)]),
            $held,
        );
    }

    public function worn(Plan $plan, Posture $posture): string
    {
        $gap = $posture->gap($plan->draft);
        $said = $this->wording->length(
            $plan->draft->ring->inside($plan->draft->body()->plus($gap)),
            $plan->draft->piece->unit,
        );

        return (new WornDrawing($plan, 'worn', 'left' === $this->preferences->custom(Custom::Hand)))->paint(
            $posture,
            $this->translator->trans('piece.worn-drawing', ['worn' => (string) $said] + $this->numbers($plan)),
        );
    }

    public function small(Plan $plan, int $id): string
    {
        return (new PieceDrawing($plan, 'piece-'.$id))->small(
            $this->translator->trans('piece.drawing', $this->numbers($plan)),
        );
    }

    /**
     * @param string $id by which its parts are told from those of other drawings on the page
     */
    public function sample(Plan $plan, string $id): string
    {
        return (new PieceDrawing($plan, 'sample-'.$id))->sample(
            $this->translator->trans('piece.drawing', $this->numbers($plan)),
        );
    }

    public function closure(Plan $plan): string
    {
        return (new PieceDrawing($plan, 'closure'))->closure(
            $plan->draft->wornGap(),
            $this->translator->trans('piece.closure-drawing', $this->numbers($plan)),
        );
    }

    public function gauge(Plan $plan): string
    {
        $numbers = $this->numbers($plan);
        $words = $this->zones($plan);
        foreach (['wished', 'hand', 'shut', 'open', 'label'] as $word) {
            $words[$word] = $this->translator->trans('gauge.'.$word, $numbers);
        }

        return (new FitGauge($plan))->paint($words);
    }

    /**
     * @param array{float, float, float, float} $push mean and spread, and both before any sample
     */
    public function hand(array $push): string
    {
        $words = [];
        foreach (Tension::cases() as $tension) {
            $words[$tension->value] = $this->translator->trans('tension.'.$tension->value);
        }
        $percent = static fn (float $log): string => \sprintf('%+d %%', (int) round(100 * (exp($log) - 1)));

        return HandGauge::paint($push, $words + ['label' => $this->translator->trans(
            'samples.hand-label',
            ['mean' => $percent($push[0]), 'spread' => (int) round(100 * (exp(1.96 * $push[1]) - 1)).' %'],
        )]);
    }

    /**
     * @param array<float|int> $figures the oldest first
     * @param string           $of      "off" what was planned, "left" over, or "minutes" of work
     */
    public function chart(array $figures, string $of): string
    {
        $figures = array_map(floatval(...), array_values($figures));
        [$each, $word, $least] = 'minutes' === $of ? [
            1,
            'log.chart-minutes-scale',
            10.0,
        ] : [100, 'log.chart-scale', 0.05];
        $scale = fn (float $most): string => $this->translator->trans($word, ['most' => (int) round($each * $most)]);
        $label = $this->translator->trans('minutes' === $of ? 'log.chart-minutes-label' : 'log.chart-label', [
            'count' => \count($figures),
            'last' => (int) round($each * ($figures[\count($figures) - 1] ?? 0.0)),
            'mean' => (int) round($each * array_sum($figures) / max(1, \count($figures))),
        ]);

        return LogChart::paint($figures, 'left' === $of ? 0.08 : 0.0, $label, $scale, $least);
    }

    /**
     * @param float $most the longest piece of stock that the sheet shows, in mm
     */
    public function stockBar(SupplyCuts $taken, float $most, Unit $unit): string
    {
        $words = array_map(
            fn (array $cut): string => (string) $this->wording->length($cut[1], $unit),
            $taken->cuts,
        );

        return StockBar::paint($taken, $most, $words, $this->translator->trans(
            'cutting.bar',
            ['count' => \count($words), 'cuts' => implode(', ', $words)],
        ));
    }

    public function cutBar(Cut $cut, Unit $unit): string
    {
        $parts = [];
        foreach ($cut->parts as $part => $length) {
            $parts[] = $this->translator->trans('part.'.$part).': '.$this->wording->length($length, $unit);
        }

        return (new CutBar($cut))->paint(implode(', ', $parts));
    }

    /**
     * @return array<string, string> words by zone
     */
    private function zones(Plan $plan): array
    {
        return array_column(
            array_map(
                fn (FitZone $zone): array => [$zone->value, $this->translator->trans('zone.'.$zone->value)],
                FitZone::cases(),
            ),
            1,
            0,
        );
    }

    /**
     * @return array<string, int|string>
     */
    private function numbers(Plan $plan): array
    {
        $draft = $plan->draft;
        $said = fn (Length $length): string => (string) $this->wording->length($length, $draft->piece->unit);

        return [
            'what' => $this->translator->trans('construction.'.$draft->piece->construction.'.name'),
            'body' => $said($draft->body()),
            'closure' => $this->translator->trans('closure.'.$draft->fastened->kind->id()),
            'wished' => $said($draft->wished()),
            'hand' => $said($draft->piece->wearer->handGirth()),
            'shut' => $said($draft->closed()),
            'open' => $said($draft->open()),
            'worn' => $said($draft->worn()),
            'gap' => $said($draft->wornGap()),
            'ranges' => $draft->open()->equals($draft->closed()) ? 'no' : 'yes',
            'place' => $draft->piece->wearer->place->value,
        ];
    }
}
