<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Line;

/**
 * Which elements are repeated until a length is reached, and which are as many as was said.
 *
 * @internal
 */
final class Repeats
{
    /** @var array<string, int>|null which repeat an element belongs to, by its place in the pattern */
    private ?array $repeats = null;

    /** @var array<int, int|null> the same, by element */
    private array $repeatOf = [];

    /** @var array<int, true> repeats of one kind of knot alone */
    private array $open = [];

    public function __construct(private readonly Line $line) {}

    /**
     * Returns whether there are as many of it as the length asks: it stands alone in its repeat, or fills.
     */
    public function isOpen(Element $element): bool
    {
        $repeat = $this->of($element);

        return null !== $repeat && isset($this->open[$repeat]);
    }

    /**
     * Returns which repeat an element belongs to that goes on until a length is reached; null of one of which there are
     * so many.
     */
    public function of(Element $element): ?int
    {
        $id = spl_object_id($element);
        if (!\array_key_exists($id, $this->repeatOf)) {
            $this->repeatOf[$id] = $this->repeatAt($element);
        }

        return $this->repeatOf[$id];
    }

    private function repeatAt(Element $element): ?int
    {
        if (null === $this->repeats) {
            $this->repeats = [];
            foreach ([...$this->line->first, ...$this->line->after] as $number => $chunk) {
                if (null !== $chunk->fit || $chunk->fills) {
                    $words = array_map(static fn (Element $one): string => $one->word(), [
                        ...$chunk->elements,
                        ...$chunk->swapped,
                    ]);
                    $this->open += 1 === \count(array_unique($words)) ? [$chunk->fit ?? 1000 + $number => true] : [];
                    foreach ([...$chunk->elements, ...$chunk->swapped] as $one) {
                        $this->repeats[self::placeOf($one)] = $chunk->fit ?? 1000 + $number;
                    }
                }
            }
        }

        return null === $element->mention->place ? null : $this->repeats[self::placeOf($element)] ?? null;
    }

    private static function placeOf(Element $element): string
    {
        return null === $element->mention->place
            ? ''
            : $element->mention->place->line.':'.$element->mention->place->column;
    }
}
