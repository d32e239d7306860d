<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Length;

final class HoleTest extends TestCase
{
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
}
