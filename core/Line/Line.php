<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

/**
 * A pattern in measured boxes: what stands fixed, what repeats, and where it is mirrored.
 *
 * A mirrored line is its first half, its middle, and the first half in reverse. Its fits count for both halves.
 */
final readonly class Line
{
    /**
     * @param list<Chunk>   $first  all of it, or the half before the middle
     * @param list<Element> $middle only of a mirrored line
     * @param list<Chunk>   $after  what follows a mirror
     * @param list<int>     $shares of each fit
     * @param list<int>     $more   repeats of each fit that are wished beyond what fits, or short of it
     */
    public function __construct(
        public array $first,
        public array $middle,
        public array $after,
        public bool $mirrored,
        public array $shares,
        public array $more = [],
    ) {}

    /**
     * Returns all elements when each fit stands as often as $counts says.
     *
     * @param list<int> $counts
     *
     * @return list<Element>
     */
    public function elements(array $counts): array
    {
        $half = $this->expanded($this->first, $counts);

        return [
            ...$half,
            ...$this->middle,
            ...($this->mirrored ? array_map(self::mirrored(...), array_reverse($half)) : []),
            ...$this->expanded($this->after, $counts),
        ];
    }

    /**
     * Returns this line with other halves, its fits as they are.
     *
     * @param list<Chunk> $first
     * @param list<Chunk> $after
     */
    public function with(array $first, array $after): self
    {
        return new self($first, $this->middle, $after, $this->mirrored, $this->shares, $this->more);
    }

    /**
     * @param list<Chunk> $chunks
     * @param list<int>   $counts
     *
     * @return list<Element>
     */
    private function expanded(array $chunks, array $counts): array
    {
        return array_merge(...array_map(
            static fn (Chunk $chunk): array => null === $chunk->fit ? $chunk->elements : $chunk->repeated($counts[$chunk->fit] ?? 0),
            $chunks,
        ), ...[[]]);
    }

    private static function mirrored(Element $element): Element
    {
        $knot = $element->knot?->mirrored();

        return null === $knot || $knot === $element->knot ? $element : new Element(
            ElementKind::Knot,
            $element->name,
            $element->length,
            $element->width,
            $element->thickness,
            $element->takes,
            $element->place,
            $element->lane,
            knot: $knot,
        );
    }
}
