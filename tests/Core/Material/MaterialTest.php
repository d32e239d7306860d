<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\CirclePacking;
use Rinkel\Core\Geometry\MixedPacking;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Exception\UnknownUnit;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Chance;

final class MaterialTest extends TestCase
{
    #[DataProvider('provideThicknesses')]
    public function testReadsAThickness(string $text, float $millimetres, float $within): void
    {
        self::assertEqualsWithDelta($millimetres, Cord::thicknessOf($text)->millimetres, $within);
    }

    /**
     * @return iterable<string, array{string, float, float}>
     */
    public static function provideThicknesses(): iterable
    {
        yield 'a length' => ['0.8', 0.8, 1e-9];
        yield 'wound on a rod' => ['10 turns over 12 mm', 1.2, 1e-9];
        yield 'wound in an inch' => ['20 turns in 1 in', 1.27, 1e-9];
        // Common practice: hemp of 20 lb is about 1 mm, of 10 lb half of it, of 48 lb about 2 mm.
        yield 'thin hemp' => ['10 lb', 0.5, 0.1];
        yield 'usual hemp' => ['20 lbs', 1.0, 0.1];
        yield 'thick hemp' => ['48 pounds', 2.0, 0.2];
        yield 'between' => ['34 lb', 1.5, 0.05];
        yield 'six strands of floss' => ['6 strands', 1.1, 0.25];
    }

    public function testAnUnreadableThicknessIsTold(): void
    {
        $this->expectException(UnknownUnit::class);
        Cord::thicknessOf('3 ells');
    }

    /**
     * Known values for sRGB colours in CIE L*a*b* (D65), from memory of colour reference tables, to half a unit.
     */
    #[DataProvider('provideColours')]
    public function testLightnessAndColourAxes(string $hex, float $l, float $a, float $b): void
    {
        $lab = Colour::parse($hex)->lab();

        self::assertEqualsWithDelta($l, $lab[0], $l < 5 ? 0.02 : 0.5);
        self::assertEqualsWithDelta($a, $lab[1], 0.5);
        self::assertEqualsWithDelta($b, $lab[2], 0.5);
    }

    /**
     * @return iterable<string, array{string, float, float, float}>
     */
    public static function provideColours(): iterable
    {
        yield 'white' => ['#ffffff', 100, 0, 0];
        yield 'black' => ['#000000', 0, 0, 0];
        // Below 0.0031308 the curve of IEC 61966-2-1 is a line: L* = 903.3 · 10 / 255 / 12.92; just above it a power.
        yield 'darkest grey' => ['#0a0a0a', 2.742, 0, 0];
        yield 'dark grey' => ['#0b0b0b', 3.023, 0, 0];
        yield 'middle grey' => ['#777777', 50.03, 0, 0];
        yield 'red' => ['#ff0000', 53.24, 80.09, 67.20];
        yield 'green' => ['#00ff00', 87.73, -86.18, 83.18];
        yield 'blue' => ['#0000ff', 32.30, 79.19, -107.86];
    }

    public function testAHolePassesABundleOrSaysByHowMuchNot(): void
    {
        $cord = static fn (float $w): Cord => new Cord(
            Fibre::Leather,
            Length::ofMillimetres($w),
            Colour::parse('#000000'),
        );
        $hole = new Hole(Length::ofMillimetres(2));

        // Leather gives 2 %: one pass of 2.04 goes, two of 1.02 go, three need 2.1547 times the cord.
        self::assertTrue($hole->shortfall([$cord(2.04)])->isZero());
        self::assertTrue($hole->shortfall([$cord(1.02), $cord(1.02)])->isZero());
        self::assertEqualsWithDelta(
            1.02 * 0.98 * 2.1547 - 2,
            $hole->shortfall([$cord(1.02), $cord(1.02), $cord(1.02)])->millimetres,
            1e-4,
        );
        self::assertEqualsWithDelta(0.9, $hole->thickestFor(3, Fibre::Leather)->millimetres, 1e-9);
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

    /**
     * Seed beads by size number: smaller numbers are larger; 11/0 is about 2.2 mm, 6/0 about 4 mm (from memory of trade
     * sizes).
     */
    public function testSeedSizes(): void
    {
        $diameters = array_map(
            static fn (string $size): float => Bead::seed($size)[0]->millimetres ?? 0.0,
            ['15/0', '11/0', '8/0', '6/0'],
        );

        self::assertEqualsWithDelta(2.2, $diameters[1], 0.2);
        self::assertEqualsWithDelta(4.0, $diameters[3], 0.3);
        $sorted = $diameters;
        sort($sorted);
        self::assertSame($sorted, $diameters);
        self::assertNull(Bead::seed('12/0'));
    }
}
