<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\OnEnd;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;

/**
 * What can be added to a piece at its trial, or undone.
 *
 * @internal
 */
final class Addable
{
    /**
     * Returns what can be added or undone at the trial, how much longer that makes the piece, and what it takes of each
     * end of the cord that ties it; null where nothing is repeated to a length.
     */
    public static function of(Draft $draft, bool $bothWays): ?Message
    {
        foreach ([...$draft->line->first, ...$draft->line->after] as $chunk) {
            $one = $chunk->fills ? \array_slice($chunk->elements, 0, 1) : $chunk->elements;
            $isBare = [] === array_filter(
                $one,
                static fn (Element $element): bool => ElementKind::Bare !== $element->kind,
            );
            if ($isBare || null === $chunk->fit && !$chunk->fills) {
                continue;
            }

            return self::said($draft, $one, $bothWays);
        }

        return null;
    }

    /**
     * @param list<Element> $one knot, link or repeat that is added or undone
     */
    private static function said(Draft $draft, array $one, bool $bothWays): ?Message
    {
        $takes = [];
        foreach ($one as $element) {
            foreach ($element->takes as $lane => $take) {
                $takes[$lane] = ($takes[$lane] ?? 0.0) + $take->total()->millimetres;
            }
        }
        arsort($takes);
        $longest = (string) array_key_first($takes);
        // Of a cord whose two ends do different things an end is told by its lane.
        $named = OnEnd::role($longest);
        $role = isset($draft->piece->cords[$named]) ? $named : 'cord';
        $length = Length::sum(...array_map(static fn (Element $element): Length => $element->extent->length, $one));

        return $length->isZero() || !isset($draft->piece->cords[$role]) ? null : new Message('look-more', [
            'unit' => match (true) {
                1 !== \count($one) => 'repeat',
                ElementKind::Link === $one[0]->kind => 'link',
                null !== $one[0]->knot => 'knot',
                default => 'repeat',
            },
            'length' => $length,
            'takes' => Length::ofMillimetres($takes[$longest]),
            'role' => $role,
            'end' => 'long' === $named ? 'long' : 'each',
            'sides' => $bothWays ? 'yes' : 'no',
        ]);
    }
}
