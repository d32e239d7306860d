<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

/**
 * All constructions there are.
 */
final readonly class Constructions
{
    /** @var array<string, Construction> */
    private array $all;

    public function __construct()
    {
        $all = [
            new SquareKnotBand(), new StackedBand(), new SpacedKnots(), new SingleFocal(), new BundledWrap(), new StrungBeads(),
            new StretchString(), new KnottedStrands(), new MultiRow(), new WaveBand(), new StrandBundle(), new LacedChain(), new BraidedChain(), new RopeKnot(), new NettedPouch(),
        ];
        $this->all = array_column(array_map(static fn (Construction $one): array => [$one->id(), $one], $all), 1, 0);
    }

    /**
     * @return list<string>
     */
    public function ids(): array
    {
        return array_keys($this->all);
    }

    public function named(string $id): ?Construction
    {
        return $this->all[$id] ?? null;
    }
}
