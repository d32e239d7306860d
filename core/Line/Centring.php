<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Measure\Length;

/**
 * Turns bare cord that was said from centre to centre into what is bare of it: less half of what lies before it and
 * half of what lies after. At an end of the line there is only one neighbour.
 *
 * @internal
 */
final class Centring
{
    /**
     * @param list<Chunk>   $chunks
     * @param list<Element> $before what lies before the first of them
     * @param list<Element> $after  what lies after the last
     *
     * @return list<Chunk>
     */
    public static function of(array $chunks, array $before = [], array $after = []): array
    {
        $centred = [];
        foreach ($chunks as $i => $chunk) {
            $repeats = null !== $chunk->fit;
            $last = $repeats ? $chunk->elements : ($chunks[$i - 1]->elements ?? $before);
            $next = $repeats ? $chunk->elements : ($chunks[$i + 1]->elements ?? $after);
            $centred[] = new Chunk(
                self::between($chunk->elements, $last, $next),
                $chunk->fit,
                self::between($chunk->swapped, $last, $next),
                $chunk->breaks,
                $chunk->fills,
            );
        }

        return $centred;
    }

    /**
     * @param list<Element> $elements
     * @param list<Element> $before
     * @param list<Element> $after
     *
     * @return list<Element>
     */
    private static function between(array $elements, array $before, array $after): array
    {
        $all = [...$before, ...$elements, ...$after];
        foreach ($elements as $i => $element) {
            if ($element->extent->centres) {
                $at = \count($before) + $i;
                $elements[$i] = $element->between(
                    self::near(\array_slice($all, 0, $at), true),
                    self::near(\array_slice($all, $at + 1), false),
                );
            }
        }

        return $elements;
    }

    /**
     * Returns the length of what lies next, whatever hangs there; null when nothing does or bare cord follows.
     *
     * @param list<Element> $elements
     */
    private static function near(array $elements, bool $fromEnd): ?Length
    {
        foreach ($fromEnd ? array_reverse($elements) : $elements as $element) {
            if (!$element->seat->hangs) {
                return ElementKind::Bare === $element->kind ? null : $element->extent->length;
            }
        }

        return null;
    }
}
