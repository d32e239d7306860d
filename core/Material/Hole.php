<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Geometry\CirclePacking;
use Rinkel\Core\Geometry\MixedPacking;
use Rinkel\Core\Measure\Length;

/**
 * Cords through a hole: whether they pass together, and what would.
 */
final readonly class Hole
{
    public function __construct(private Length $diameter) {}

    /**
     * Returns by how much the cords' bundle, squeezed as their fibres allow, is too thick for the hole; nought when it
     * passes.
     *
     * @param non-empty-list<Cord> $passes one entry for each time a cord goes through
     */
    public function shortfall(array $passes): Length
    {
        $bundle = MixedPacking::enclosing(array_map(
            static fn (Cord $cord): float => $cord->acrossHole()->millimetres * (1 - $cord->fibre->squeeze()),
            $passes,
        ));

        return Length::ofMillimetres(max(0.0, $bundle - $this->diameter->millimetres - 1e-9));
    }

    /**
     * Returns how thick a cord of $fibre may be to pass $times, rounded down to 0.05 mm.
     */
    public function thickestFor(int $times, Fibre $fibre): Length
    {
        $exact = $this->diameter->millimetres / CirclePacking::enclosing($times) / (1 - $fibre->squeeze());

        return Length::ofMillimetres(floor($exact * 20 + 1e-9) / 20);
    }
}
