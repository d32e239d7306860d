<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Twig;

use Psr\Clock\ClockInterface;
use Rinkel\App\Board\BenchDay;
use Rinkel\App\Board\DayLine;
use Rinkel\App\Making\Makings;
use Rinkel\App\Platform\Wording\Times;
use Rinkel\App\Svg\MeasureLine;
use Rinkel\App\Svg\PagePictures;
use Rinkel\App\Table\BenchDays;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/**
 * What is drawn of the work itself: a day at the bench, the log, samples and the hand they tell of.
 */
final class BenchExtension extends AbstractExtension
{
    private const DRAWN = ['is_safe' => ['html']];

    public function __construct(
        private readonly PagePictures $pictures,
        private readonly Times $times,
        private readonly Makings $makings,
        private readonly ClockInterface $clock,
    ) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction(
                'day_line',
                fn (BenchDay $day, string $label): string => DayLine::paint(
                    $day,
                    $label,
                    $this->times->clock(...),
                    $this->clock->now(),
                ),
                self::DRAWN,
            ),
            new TwigFunction('log_chart', $this->pictures->chart(...), self::DRAWN),
            new TwigFunction('sample', $this->pictures->sample(...), self::DRAWN),
            new TwigFunction(
                'bench_days',
                fn (BenchDays $days, string $label): string => $days->paint($label, $this->times->shortDay(...)),
                self::DRAWN,
            ),
            new TwigFunction('measure_line', MeasureLine::paint(...), self::DRAWN),
            new TwigFunction('next_time', $this->makings->nextTime(...)),
            new TwigFunction('made_of', $this->makings->counts(...)),
            new TwigFunction('hand_gauge', $this->pictures->hand(...), self::DRAWN),
        ];
    }
}
