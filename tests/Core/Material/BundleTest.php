<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\CirclePacking;
use Rinkel\Core\Geometry\MixedPacking;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Lay;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Chance;

final class BundleTest extends TestCase
{
    /**
     * Eight cores of 1 mm tied with 1 mm: 20.3 mm a turn side by side, 13.5 mm packed.
     */
    public function testATurnAroundFlatCoresIsLonger(): void
    {
        $cord = Length::ofMillimetres(1);

        self::assertEqualsWithDelta(20.28, (new Bundle($cord, 8, Lay::Flat))->turn($cord)->millimetres, 0.01);
        self::assertEqualsWithDelta(13.5, (new Bundle($cord, 8))->turn($cord)->millimetres, 0.05);
        self::assertSame([Lay::Packed, Lay::Flat, Lay::Packed], array_map(Lay::usual(...), [3, 5, 7]));
        self::assertSame(8.0, (new Bundle($cord, 8, Lay::Flat))->width()->millimetres);
        self::assertSame(1.0, (new Bundle($cord, 8, Lay::Flat))->height()->millimetres);
    }

    /**
     * Two circles of diameters a and b need a + b; three of 2, 2 and 1 need 2 + ... never less than their area allows.
     */
    public function testMixedBundlesAreReallyLaid(): void
    {
        self::assertEqualsWithDelta(3.5, MixedPacking::enclosing([2.0, 1.5]), 1e-6);
        self::assertEqualsWithDelta(
            4.0,
            MixedPacking::enclosing([2.0, 2.0, 1.0]),
            1e-4,
            'a small one beside two large costs nothing',
        );
        $chance = new Chance(99);
        for ($i = 0; $i < 200; ++$i) {
            $diameters = array_map(static fn (): float => $chance->between(0.5, 3), range(1, $chance->whole(2, 8)));
            $enclosing = MixedPacking::enclosing($diameters);
            self::assertGreaterThanOrEqual(
                sqrt(array_sum(array_map(static fn (float $d): float => $d ** 2, $diameters))),
                $enclosing,
                (string) $chance,
            );
            self::assertLessThanOrEqual(
                max($diameters) * CirclePacking::enclosing(\count($diameters)) * 1.12,
                $enclosing,
                'not much over as many of the largest, '.$chance,
            );
            self::assertLessThanOrEqual(array_sum($diameters) + 1e-6, $enclosing);
        }
    }
}
