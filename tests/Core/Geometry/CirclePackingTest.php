<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\CirclePacking;

final class CirclePackingTest extends TestCase
{
    /**
     * Closed forms of the packings that are simple figures: from memory, each a page of school geometry.
     */
    #[DataProvider('provideClosedForms')]
    public function testAgreesWithClosedForms(int $count, float $diameter): void
    {
        self::assertEqualsWithDelta($diameter, CirclePacking::enclosing($count), 5e-5);
    }

    /**
     * @return iterable<string, array{int, float}>
     */
    public static function provideClosedForms(): iterable
    {
        yield 'one' => [1, 1.0];
        yield 'pair' => [2, 2.0];
        yield 'triangle' => [3, 1 + 2 / sqrt(3)];
        yield 'square' => [4, 1 + sqrt(2)];
        yield 'pentagon' => [5, 1 + 1 / sin(\M_PI / 5)];
        yield 'hexagon' => [6, 3.0];
        yield 'flower' => [7, 3.0];
        yield 'heptagon' => [8, 1 + 1 / sin(\M_PI / 7)];
        yield 'octagon' => [9, 1 + 1 / sin(\M_PI / 8)];
        yield 'nineteen' => [19, 1 + sqrt(2) + sqrt(6)];
    }

    public function testMoreNeverTakeLessRoomNorLessThanTheirArea(): void
    {
        for ($count = 2; $count <= 200; ++$count) {
            self::assertGreaterThanOrEqual(CirclePacking::enclosing($count - 1), CirclePacking::enclosing($count));
            self::assertGreaterThan(sqrt($count), CirclePacking::enclosing($count));
        }
    }
}
