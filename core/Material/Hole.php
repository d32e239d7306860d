<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Geometry\CirclePacking;
use Rinkel\Core\Geometry\MixedPacking;
use Rinkel\Core\Measure\Length;

/**
 * Cords through a hole: whether they pass together, and what would.
 *
 * @internal
 */
final readonly class Hole
{
    public function __construct(private Length $diameter) {}

    /**
     * Returns by how much the cords' bundle, squeezed as their fibres allow, is too thick for the hole; zero when it
     * passes.
     *
     * @param non-empty-list<Cord> $passes one entry for each time a cord goes through
     */
    public function shortfall(array $passes): Length
    {
        $needed = self::needed($passes)->millimetres - $this->diameter->millimetres;

        return Length::ofMillimetres(max(0.0, $needed - 1e-9));
    }

    /**
     * Returns the smallest hole that the cords pass, squeezed as their fibres allow.
     *
     * @param non-empty-list<Cord> $passes one entry for each time a cord goes through
     */
    public static function needed(array $passes): Length
    {
        $bundle = self::stack($passes) ?? MixedPacking::enclosing(array_map(
            static fn (Cord $cord): float => $cord->acrossHole()->millimetres * (1 - $cord->fibre->squeeze()),
            $passes,
        ));

        return Length::ofMillimetres($bundle);
    }

    /**
     * Returns the diameter that flat cords need, laid on each other or each folded once along its middle; null when not
     * all of them are flat.
     *
     * @param non-empty-list<Cord> $passes
     */
    private static function stack(array $passes): ?float
    {
        [$wide, $high] = [0.0, 0.0];
        foreach ($passes as $cord) {
            if (null === $cord->width) {
                return null;
            }
            $left = 1 - $cord->fibre->squeeze();
            $wide = max($wide, $cord->width->millimetres * $left);
            $high += $cord->thickness->millimetres * $left;
        }

        return min(hypot($wide, $high), hypot($wide / 2, 2 * $high));
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
