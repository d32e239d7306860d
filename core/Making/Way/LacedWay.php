<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Half;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Run;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Making\Way;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Said;

/**
 * Laces through a chain, from its middle link to either end.
 */
readonly class LacedWay extends Way
{
    protected function opening(array $closure): array
    {
        $links = $this->plan->draft->setting->count(ElementKind::Link);

        return [
            Step::plain(
                Deed::Mark,
                'middle-link',
                ['links' => $links, 'middle' => intdiv($links, 2) + 1],
                [Tool::Clip],
            ),
            Step::plain(Deed::Fix, 'begin-lacing', [], [], 'lace', look: 'look-lacing'),
        ];
    }

    protected function halves(): array
    {
        $setting = $this->plan->draft->setting;
        $links = array_keys(array_column($setting->elements, 'kind'), ElementKind::Link, true);

        return Half::around($setting, $links[intdiv(\count($links), 2)] ?? 0, 0);
    }

    protected function joins(Element $last, Element $next): bool
    {
        return parent::joins($last, $next) || ElementKind::Link === $last->kind && ElementKind::Link === $next->kind;
    }

    protected function woven(Run $run, Length $bare): array
    {
        return [new Step(
            Deed::Weave,
            new Said($this->word(), ['count' => $run->count()]),
            [Move::deed()],
            $run->count(),
            $this->tying($run->element),
            from: $run->from,
            due: $run->due(),
            at: $run->at,
            along: $run->along(),
            look: new Said('look-lacing'),
        )];
    }

    protected function word(): string
    {
        return 'lace-links';
    }
}
