<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Interlace;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class InterlaceTest extends TestCase
{
    /**
     * The way through the knot is longer than straight on, and not longer than around a circle as wide as the knot with
     * both its legs.
     */
    public function testTheLoopsOfARopeKnotAreAsLongAsTheirCurve(): void
    {
        $length = Interlace::length();
        self::assertGreaterThan(2 * 2.25, $length);
        self::assertLessThan(\M_PI * 3.2 + 2 * 2.25, $length);
        $one = (new Interlace())->tied(self::cord(9), 1);
        $two = (new Interlace())->tied(self::cord(9), 2);

        self::assertEqualsWithDelta(
            9 * $length + 18,
            $one->use->millimetres,
            1e-9,
            'and a quarter of a rope at eight crossings',
        );
        self::assertEqualsWithDelta(
            2 * $one->pitch->millimetres,
            $two->pitch->millimetres,
            1e-9,
            'two ropes make it twice as large',
        );
        self::assertTrue($one->thickness->equals($two->thickness), 'but no thicker');
    }

    private static function cord(float $thickness): Cord
    {
        return new Cord(Fibre::Linen, Length::ofMillimetres($thickness), Colour::parse('#000000'));
    }
}
