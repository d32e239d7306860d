<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\HalfKnot;
use Rinkel\Core\Knot\Interlace;
use Rinkel\Core\Knot\Plait;
use Rinkel\Core\Knot\Whipping;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class FurtherKnotTest extends TestCase
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

    /**
     * Common practice with thin waxed cord: a spiral turns once in eight to twelve half knots, more on more cores.
     */
    public function testASpiralTurnsSlowerOnMoreCores(): void
    {
        self::assertSame([8, 10, 10, 12], array_map(HalfKnot::perTurn(...), [1, 2, 4, 8]));
    }

    private static function cord(float $thickness): Cord
    {
        return new Cord(Fibre::Linen, Length::ofMillimetres($thickness), Colour::parse('#000000'));
    }
}
