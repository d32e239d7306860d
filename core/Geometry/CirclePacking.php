<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * The densest known packings of equal circles in a circle.
 *
 * Source: R. L. Graham, B. D. Lubachevsky, K. J. Nurmela, P. R. J. Östergård, "Congruent circles packed in a circle",
 * Discrete Mathematics 181 (1998), 139-154.
 *
 * @internal
 */
final class CirclePacking
{
    /** Diameter of the enclosing circle in diameters of the packed ones, by their number. */
    private const ENCLOSING = [
        1 => 1.0, 2.0, 2.1547, 2.4142, 2.7013, 3.0, 3.0, 3.3048, 3.6131, 3.8130,
        3.9238, 4.0296, 4.2361, 4.3284, 4.5214, 4.6154, 4.7920, 4.8637, 4.8637, 5.1223,
    ];

    /** Just below the density of the loosest packing beyond 20 (that of 22, 0.7435): a bound that is never too small. */
    private const DENSITY_BEYOND = 0.74;

    /**
     * Returns the diameter of the smallest known circle around $count equal circles, in their diameters.
     */
    public static function enclosing(int $count): float
    {
        return self::ENCLOSING[$count] ?? sqrt(max(1, $count) / self::DENSITY_BEYOND);
    }
}
