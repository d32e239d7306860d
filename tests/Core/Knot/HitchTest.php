<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Hitch;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class HitchTest extends TestCase
{
    public function testAVerticalLarksHeadIsTwoHitches(): void
    {
        $core = new Bundle(Length::ofMillimetres(1), 1);
        $head = Hitch::verticalLarksHead()->tied($core, self::cord(1));

        // Each hitch goes once around, 2 pi, and 4.31 diameters more (4.24, and 0.42 over the turn); each is two
        // diameters long.
        self::assertEqualsWithDelta(2 * (2 * \M_PI + 4.24 + 0.42 / (2 * \M_PI)) * 0.97, $head->use->millimetres, 1e-9);
        self::assertEqualsWithDelta(4 * 0.95, $head->pitch->millimetres, 1e-9);
        self::assertTrue(Hitch::half()->tied($core, self::cord(1))->pitch->equals($head->pitch->times(0.5)));
    }

    private static function cord(float $thickness): Cord
    {
        return new Cord(Fibre::Leather, Length::ofMillimetres($thickness), Colour::parse('#000000'));
    }
}
