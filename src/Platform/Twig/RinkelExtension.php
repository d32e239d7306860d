<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Twig;

use Random\Randomizer;
use Rinkel\App\Board\BenchDay;
use Rinkel\App\Platform\Http\Once;
use Rinkel\App\Platform\Wording\Times;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Price\Costing;
use Rinkel\App\Price\Money;
use Rinkel\App\Settings\Light;
use Rinkel\App\Stock\Against;
use Rinkel\App\Stock\Ticks;
use Rinkel\App\Svg\DayLine;
use Rinkel\App\Svg\DrawingFile;
use Rinkel\App\Svg\PagePictures;
use Rinkel\App\Svg\Posture;
use Rinkel\App\Svg\StockBar;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/**
 * Lists what templates can ask for.
 */
final class RinkelExtension extends AbstractExtension
{
    public function __construct(
        private readonly Wording $wording,
        private readonly PagePictures $pictures,
        private readonly Light $light,
        private readonly DrawingFile $drawings,
        private readonly Costing $costing,
        private readonly Money $money,
        private readonly Against $against,
        private readonly Randomizer $chance,
        private readonly Times $times,
    ) {}

    public function getFilters(): array
    {
        return [
            new TwigFilter('said', $this->wording->length(...)),
            new TwigFilter('to_cut', $this->wording->toCut(...)),
            new TwigFilter('roomy', $this->wording->roomy(...)),
            new TwigFilter('told', $this->wording->told(...)),
            new TwigFilter('currency_name', $this->wording->currency(...)),
            new TwigFilter('mark', $this->wording->foldOf(...)),
            new TwigFilter('material', $this->wording->material(...)),
            new TwigFilter('price', $this->money->price(...)),
            new TwigFilter('money', $this->money->said(...)),
            new TwigFilter('percent', static fn (float $log): int => (int) round(100 * (exp($log) - 1))),
            new TwigFilter('day', $this->times->day(...)),
            new TwigFilter('moment', $this->times->moment(...)),
            new TwigFilter('clock', $this->times->clock(...)),
            new TwigFilter('soon', $this->times->soon(...)),
        ];
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction('once', $this->once(...), ['is_safe' => ['html']]),
            new TwigFunction('drawing_version', $this->drawings->version(...)),
            new TwigFunction('light', $this->light->chosen(...)),
            new TwigFunction('figure_name', $this->wording->figure(...)),
            new TwigFunction('role_name', $this->wording->role(...)),
            new TwigFunction('sample', $this->pictures->sample(...), ['is_safe' => ['html']]),
            new TwigFunction(
                'turn_step',
                static fn (Plan $plan): int => Posture::step($plan->draft->piece->wearer->place),
            ),
            new TwigFunction('worn_open', static fn (Plan $plan): int => Posture::worn($plan->draft)),
            new TwigFunction('worn', $this->pictures->worn(...), ['is_safe' => ['html']]),
            new TwigFunction('step_text', $this->wording->step(...)),
            new TwigFunction(
                'day_line',
                fn (BenchDay $day, string $label): string => DayLine::paint($day, $label, $this->times->clock(...)),
                ['is_safe' => ['html']],
            ),
            new TwigFunction('zone', fn (): string => $this->times->zone()->getName()),
            new TwigFunction('stock_bar', $this->pictures->stockBar(...), ['is_safe' => ['html']]),
            new TwigFunction('in_stock', $this->against->of(...)),
            new TwigFunction('missing', $this->against->missing(...)),
            new TwigFunction('tick_of', Ticks::of(...)),
            new TwigFunction('stock_shown', StockBar::shown(...)),
            new TwigFunction('cord_worth', $this->costing->ofCord(...)),
            new TwigFunction('making_text', $this->wording->making(...)),
            new TwigFunction('check_text', $this->wording->check(...)),
            new TwigFunction('remedy_text', $this->wording->remedy(...)),
            new TwigFunction('exact', Length::exact(...)),
            new TwigFunction('length_of', static fn (int|float $mm): Length => Length::ofMillimetres($mm)),
            new TwigFunction('piece_rows', $this->pictures->rows(...), ['is_safe' => ['html']]),
            new TwigFunction('size_rows', $this->pictures->sizes(...), ['is_safe' => ['html']]),
            new TwigFunction('board', $this->pictures->board(...), ['is_safe' => ['html']]),
            new TwigFunction('small', $this->pictures->small(...), ['is_safe' => ['html']]),
            new TwigFunction('closure', $this->pictures->closure(...), ['is_safe' => ['html']]),
            new TwigFunction('log_chart', $this->pictures->chart(...), ['is_safe' => ['html']]),
            new TwigFunction('hand_gauge', $this->pictures->hand(...), ['is_safe' => ['html']]),
            new TwigFunction('gauge', $this->pictures->gauge(...), ['is_safe' => ['html']]),
            new TwigFunction('risks_of', self::risks(...)),
            new TwigFunction('cut_bar', $this->pictures->cutBar(...), ['is_safe' => ['html']]),
        ];
    }

    /**
     * Returns the field by which a form is known when it is sent again.
     */
    private function once(): string
    {
        return '<input type="hidden" name="'.Once::FIELD.'" value="'.bin2hex($this->chance->getBytes(12)).'">';
    }

    /**
     * @return array<int, Length> how long a cut is by the risk of running short, one in so many pieces; those that
     *                            differ
     */
    private static function risks(Cut $cut, Plan $plan): array
    {
        $piece = $plan->draft->piece;
        $lengths = [];
        foreach (Risk::oneIn($piece->risk)->around() as $risk) {
            $lengths[$risk->oneIn] = $cut->atRisk($risk, $piece->habits->cutStep($piece->unit));
        }

        return \count(
            array_unique(array_map(static fn (Length $length): string => (string) $length, $lengths)),
        ) > 1 ? $lengths : [];
    }
}
