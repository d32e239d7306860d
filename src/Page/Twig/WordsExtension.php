<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Twig;

use Rinkel\App\Platform\Wording\Notation;
use Rinkel\App\Platform\Wording\Times;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Piece;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/**
 * What templates say: lengths, times and what the core tells, in words.
 */
final class WordsExtension extends AbstractExtension
{
    public function __construct(
        private readonly Wording $wording,
        private readonly Times $times,
        private readonly Preferences $preferences,
        private readonly Notation $notation,
    ) {}

    public function getFilters(): array
    {
        return [
            new TwigFilter('in_unit', $this->wording->length(...)),
            new TwigFilter('to_cut', $this->wording->toCut(...)),
            new TwigFilter('stock_length', $this->wording->roomy(...)),
            new TwigFilter('message', $this->wording->told(...)),
            new TwigFilter('inside', $this->wording->inside(...)),
            new TwigFilter(
                'notation',
                fn (string $text, Piece $piece): string => $this->notation->pattern($piece, $text),
            ),
            new TwigFilter('currency_name', $this->wording->currency(...)),
            new TwigFilter('fold_note', $this->wording->foldOf(...)),
            new TwigFilter(
                'material',
                fn (Cord|Bead|Finding $what): string => $this->wording->material($what, $this->preferences->unit()),
            ),
            new TwigFilter('knot_name', $this->wording->knotName(...)),
            new TwigFilter('overs', $this->wording->overs(...)),
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
            new TwigFunction('figure_name', $this->wording->figure(...)),
            new TwigFunction('role_name', $this->wording->role(...)),
            new TwigFunction('step_text', $this->wording->step(...)),
            new TwigFunction('making_text', $this->wording->making(...)),
            new TwigFunction('check_text', $this->wording->check(...)),
            new TwigFunction('remedy_text', $this->wording->remedy(...)),
            new TwigFunction('exact', Length::exact(...)),
            new TwigFunction('length_of', static fn (int|float $mm): Length => Length::ofMillimetres($mm)),
            new TwigFunction('zone', fn (): string => $this->times->zone()->getName()),
        ];
    }
}
