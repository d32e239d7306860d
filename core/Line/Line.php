<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Pattern\Node\Exchange;

/**
 * A pattern in measured boxes: what stands fixed, what repeats, and where it is mirrored.
 *
 * A mirrored line is its first half, its middle, and the first half in reverse. Its fits count for both halves.
 */
final readonly class Line
{
    /**
     * @param list<Chunk>   $first    all of it, or the half before the middle
     * @param list<Element> $middle   only of a mirrored line
     * @param list<Chunk>   $after    what follows a mirror
     * @param list<int>     $shares   of each fit
     * @param list<int>     $more     repeats of each fit that are wished beyond what fits, or short of it
     * @param Exchange|null $exchange which beads stand for which in the mirrored half
     * @param list<Layer>   $layers   that hang below it, each lower than the one before
     */
    public function __construct(
        public array $first,
        public array $middle,
        public array $after,
        public bool $mirrored,
        public array $shares,
        public array $more = [],
        public ?Exchange $exchange = null,
        public array $layers = [],
    ) {}

    /**
     * Returns this line with as much of everything as fits, whatever more or less of it is wished.
     */
    public function plain(): self
    {
        return [] === array_filter($this->more, static fn (int $more): bool => 0 !== $more)
            ? $this
            : new self(
                $this->first,
                $this->middle,
                $this->after,
                $this->mirrored,
                $this->shares,
                [],
                $this->exchange,
                $this->layers,
            );
    }

    /**
     * Returns all elements when each fit stands as often as $counts says.
     *
     * @param list<int> $counts
     * @param int       $parts  of one repeat more, of the fit that may break off
     * @param int       $more   knots in each run that may take what the length leaves
     *
     * @return list<Element>
     */
    public function elements(array $counts, int $parts = 0, int $more = 0): array
    {
        $half = $this->expanded($this->first, $counts, $parts, $more);

        return [
            ...$half,
            ...$this->middle,
            ...($this->mirrored ? array_map($this->mirrored(...), array_reverse($half)) : []),
            ...$this->expanded($this->after, $counts, $parts, $more),
        ];
    }

    private function mirrored(Element $element): Element
    {
        $mirrored = $element->mirrored();

        return null === $this->exchange ? $mirrored : $mirrored->called($this->exchange->of(...));
    }

    /**
     * Returns one repeat of a fit.
     *
     * @return list<Element>
     */
    public function repeat(int $fit): array
    {
        foreach ([...$this->first, ...$this->after] as $chunk) {
            if ($fit === $chunk->fit) {
                return $chunk->elements;
            }
        }

        return [];
    }

    /**
     * Returns what may break off: a mirrored line may not, or it would do so in its middle.
     */
    public function breaking(): ?Chunk
    {
        $chunks = array_filter(
            $this->mirrored ? $this->after : [...$this->first, ...$this->after],
            static fn (Chunk $chunk): bool => [] !== $chunk->breaks,
        );

        return [] === $chunks ? null : $chunks[array_key_last($chunks)];
    }

    /**
     * Returns the runs that may take what the length leaves, each as often as it stands on the line.
     *
     * @return list<Chunk>
     */
    public function fills(): array
    {
        $fills = static fn (Chunk $chunk): bool => $chunk->fills;
        $first = array_values(array_filter($this->first, $fills));

        return [...$first, ...($this->mirrored ? $first : []), ...array_values(array_filter($this->after, $fills))];
    }

    /**
     * Returns this line with other halves, its fits as they are.
     *
     * @param list<Chunk> $first
     * @param list<Chunk> $after
     */
    public function with(array $first, array $after): self
    {
        return new self(
            $first,
            $this->middle,
            $after,
            $this->mirrored,
            $this->shares,
            $this->more,
            $this->exchange,
            $this->layers,
        );
    }

    /**
     * @param list<Chunk> $chunks
     * @param list<int>   $counts
     *
     * @return list<Element>
     */
    private function expanded(array $chunks, array $counts, int $parts, int $more): array
    {
        $breaking = 0 === $parts ? null : $this->breaking();

        return array_merge(...array_map(
            static fn (Chunk $chunk): array => match (true) {
                $chunk->fills => $chunk->filled($more),
                null === $chunk->fit => $chunk->elements,
                default => $chunk->repeated($counts[$chunk->fit] ?? 0, $chunk === $breaking ? $parts : 0),
            },
            $chunks,
        ), ...[[]]);
    }
}
