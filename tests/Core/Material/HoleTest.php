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

    /**
     * Flat cords lie on each other, or each folded along its middle, whichever is less: the hole is as wide as their
     * rectangle is across its corners.
     */
    public function testFlatCordsLieOnEachOther(): void
    {
        $lace = static fn (float $wide, float $thick): Cord => new Cord(
            Fibre::Leather,
            Length::ofMillimetres($thick),
            Colour::parse('#000000'),
            Length::ofMillimetres($wide),
        );

        self::assertEqualsWithDelta(0.98 * hypot(3, 2), Hole::needed([$lace(3, 1), $lace(2.5, 1)])->millimetres, 1e-9);
        self::assertEqualsWithDelta(0.98 * hypot(3, 1.2), Hole::needed([$lace(6, 0.6)])->millimetres, 1e-9, 'folded once');
        self::assertEqualsWithDelta(0.98 * hypot(2, 1), Hole::needed([$lace(2, 1)])->millimetres, 1e-9, 'as it is');
    }
}
