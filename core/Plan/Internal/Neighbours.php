<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Line\Choice;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Neighbour;

/**
 * The choices beside the one that was made: a repeat more, a repeat fewer.
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
        $draft = $this->draft;
        $scale = new EaseScale($draft->piece->wearer);
        $plain = Length::sum(
            ...array_map(static fn (Element $element): Length => $element->length, $draft->setting->elements),
        );

        return array_map(static function (Choice $choice) use ($draft, $scale, $plain): Neighbour {
            $closed = $draft->ring->inside($choice->length->plus($draft->fastened->narrow));

            return new Neighbour(
                (string) $draft->piece->pattern->tree->withMore(
                    array_map(
                        static fn (int $near, int $now): int => $near - $now,
                        $choice->counts,
                        $draft->setting->counts,
                    ),
                ),
                $choice->length->minus($plain),
                $closed,
                $scale->zoneOf($draft->fastened->kind->slides() ? Length::longest($closed, $draft->wished()) : $closed),
                $choice->beads,
            );
        }, array_values(
            array_filter(
                $draft->setting->choices,
                static fn (Choice $choice): bool => $choice->length->isLongerThan(Length::zero()),
            ),
        ));
    }
}
