<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Colour;

final class ColourTest extends TestCase
{
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
}
