<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Whipping;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class WhippingTest extends TestCase
{
    /**
     * One turn of a helix of radius r and rise w is sqrt((2 pi r)² + w²) long.
     */
    public function testABindingTurnIsAHelix(): void
    {
        $cord = self::cord(0.5);
        $turn = (new Whipping())->turn(new Bundle(Length::ofMillimetres(6), 1), $cord);

        self::assertEqualsWithDelta(sqrt((2 * \M_PI * 3.25) ** 2 + 0.25), $turn->use->millimetres, 1e-9);
        self::assertEqualsWithDelta(0.5, $turn->pitch->millimetres, 1e-9);
    }

    private static function cord(float $thickness): Cord
    {
        return new Cord(Fibre::Linen, Length::ofMillimetres($thickness), Colour::parse('#000000'));
    }
}
