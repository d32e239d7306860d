<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Exception\UnknownUnit;

final class CordTest extends TestCase
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
}
