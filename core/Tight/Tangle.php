<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * Ropes around each other and around rods, loose or tight.
 */
final readonly class Tangle
{
    /**
     * @param non-empty-list<Rope> $ropes
     * @param list<Rod>            $rods
     * @param bool                 $rodsGiveWay whether the rods move sideways
     */
    private function __construct(
        public array $ropes,
        public array $rods,
        public Cell $cell,
        public bool $rodsGiveWay = true,
    ) {}

    /**
     * @param list<Rope> $ropes
     * @param list<Rod>  $rods
     */
    public static function of(array $ropes, array $rods = [], ?Cell $cell = null, bool $rodsGiveWay = true): self
    {
        $cell ??= Cell::none();
        foreach ($ropes as $rope) {
            if (Ends::Repeats === $rope->ends && !$cell->repeats()) {
                throw new \InvalidArgumentException('What repeats needs a cell.');
            }
        }

        return [] !== $ropes
            ? new self($ropes, $rods, $cell, $rodsGiveWay)
            : throw new \InvalidArgumentException('Without a rope there is nothing to tighten.');
    }

    /**
     * @param non-empty-list<Rope> $ropes
     * @param list<Rod>            $rods
     */
    public function moved(array $ropes, array $rods, Cell $cell): self
    {
        return new self($ropes, $rods, $cell, $this->rodsGiveWay);
    }

    /**
     * @return non-empty-list<float> the length of each rope, in diameters
     */
    public function lengths(): array
    {
        return array_map(fn (Rope $rope): float => $rope->length($this->cell), $this->ropes);
    }
}
