<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\CirclePacking;
use Rinkel\Core\Geometry\MixedPacking;

final class MixedPackingTest extends TestCase
{
    public function testOneIsItsOwnHole(): void
    {
        self::assertSame(1.7, MixedPacking::enclosing([1.7]));
    }

    public function testAlikeOnesLieAsTheyAreKnownToLieBest(): void
    {
        self::assertEqualsWithDelta(1.2 * CirclePacking::enclosing(5), MixedPacking::enclosing(array_fill(0, 5, 1.2)), 1e-12);
    }

    /**
     * Two lie side by side: their diameters add up. Of three, where the third fits into the room beside the two, the rim
     * is the same (geometry: a circle of a third of theirs lies there).
     */
    public function testTwoLieSideBySideAndALittleOneBesideThem(): void
    {
        self::assertEqualsWithDelta(3.0, MixedPacking::enclosing([1.0, 2.0]), 1e-6);
        self::assertEqualsWithDelta(4.0, MixedPacking::enclosing([2.0, 2.0, 4 / 3 - 1e-6]), 1e-3);
        self::assertGreaterThan(4.01, MixedPacking::enclosing([2.0, 2.0, 1.5]));
    }

    /**
     * Descartes' circle theorem (R. Descartes, 1643): three circles that touch each other, of curvatures a, b and c, lie
     * in one of curvature 2 sqrt(ab + bc + ca) - (a + b + c).
     */
    public function testThreeLieAsDescartesSays(): void
    {
        [$a, $b, $c] = [1 / 1.0, 1 / 0.9, 1 / 0.8];
        $around = 2 / (2 * sqrt($a * $b + $b * $c + $c * $a) - ($a + $b + $c));

        self::assertEqualsWithDelta($around, MixedPacking::enclosing([1.6, 2.0, 1.8]), 1e-5, 'in any order');
    }

    public function testMoreNeverTakeLess(): void
    {
        $last = 0.0;
        for ($i = 1; $i <= 9; ++$i) {
            $now = MixedPacking::enclosing(array_map(static fn (int $n): float => 0.6 + 0.1 * $n, range(1, $i)));
            self::assertGreaterThan($last, $now);
            $last = $now;
        }
    }
}
