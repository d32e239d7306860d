<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Line\Choice;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Neighbour;

/**
 * The choices beside the one that was made: a repeat more, a repeat fewer, and finer ways where repeats are coarse;
 * each a draft of its own.
 *
 * @internal
 */
final readonly class Neighbours
{
    public function __construct(private Draft $draft) {}

    /**
     * @return list<Neighbour>
     */
    public function all(): array
    {
        $fitting = new Fitting($this->draft->piece, $this->draft->construction, $this->draft->line);

        return [...array_map(
            fn (Choice $choice): Neighbour => $this->near($choice, $fitting->at($choice->counts, $this->draft->ring)),
            array_values(array_filter(
                $this->draft->setting->choices,
                static fn (Choice $choice): bool => $choice->length->isLongerThan(Length::zero()),
            )),
        ), ...(new FinerWays($this->draft))->all()];
    }

    private function near(Choice $choice, Draft $near): Neighbour
    {
        $scale = new EaseScale($near->piece->wearer);
        $more = array_map(
            static fn (int $there, int $now): int => $there - $now,
            $choice->counts,
            $this->draft->setting->counts,
        );

        return new Neighbour(
            (string) $this->draft->piece->pattern->tree->withMore($more),
            $near->body()->minus($this->draft->body()),
            $near->closed(),
            $scale->zoneOf(
                $near->fastened->kind->slides() ? Length::longest($near->closed(), $near->wished()) : $near->closed(),
            ),
            $near->beadCount(),
        );
    }
}
