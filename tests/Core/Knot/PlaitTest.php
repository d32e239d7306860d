<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Plait;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class PlaitTest extends TestCase
{
    /**
     * A strand of a braid at 45 degrees takes sqrt(2) times its length at most where it crosses; the mean of a flat
     * braid is 1.30 ± 0.08.
     */
    public function testABraidTakesLessThanASlantedStrand(): void
    {
        $plait = (new Plait())->of(self::cord(1), 3, Length::ofMillimetres(100));

        self::assertGreaterThan(100, $plait->use->millimetres);
        self::assertLessThan(100 * \M_SQRT2, $plait->use->millimetres);
        self::assertEqualsWithDelta(3, $plait->width->millimetres, 1e-9);
        self::assertTrue(
            (new Plait())->of(self::cord(1), 4, Length::ofMillimetres(100))->width->isLongerThan($plait->width),
            'a doubled strand makes it wider',
        );
    }

    private static function cord(float $thickness): Cord
    {
        return new Cord(Fibre::Linen, Length::ofMillimetres($thickness), Colour::parse('#000000'));
    }
}
