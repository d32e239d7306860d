<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\HalfKnot;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Knot\SquareKnot;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class HalfKnotTest extends TestCase
{
    /**
     * Common practice: each working cord of a flat band takes about six times its length.
     */
    #[DataProvider('provideFirmCords')]
    public function testAFlatBandTakesAboutSixTimesItsLength(float $thickness): void
    {
        $cord = self::cord($thickness, Fibre::Polyester);
        $knot = (new SquareKnot())->tied(new Bundle($cord->thickness, 2), $cord, Tension::Even);

        self::assertEqualsWithDelta(6.0, $knot->use->ratioTo($knot->pitch), 0.3);
    }

    /**
     * @return iterable<string, array{float}>
     */
    public static function provideFirmCords(): iterable
    {
        yield '0.5 mm' => [0.5];
        yield '0.8 mm' => [0.8];
        yield '1 mm' => [1.0];
        yield '2 mm' => [2.0];
    }

    /**
     * Common practice: 8 square knots, a small bead and 42 half knots of spiral make 2 1/2 in in thin waxed polyester.
     */
    public function testHalfABandOfSquareKnotsAndSpiralIsTwoAndAHalfInches(): void
    {
        $bead = Length::ofMillimetres(4);
        $lengths = [];
        foreach ([0.65, 0.8] as $thickness) {
            $cord = self::cord($thickness, Fibre::Polyester);
            $core = new Bundle($cord->thickness, 2);
            $lengths[] = (new SquareKnot())->tied($core, $cord, Tension::Even)->times(8)->pitch
                ->plus(HalfKnot::spiral()->tied($core, $cord, Tension::Even)->times(42)->pitch)
                ->plus($bead)->in(\Rinkel\Core\Measure\Unit::Inch);
        }

        self::assertLessThan(2.5, $lengths[0]);
        self::assertGreaterThan(2.5, $lengths[1]);
        self::assertEqualsWithDelta(2.5, ($lengths[0] + $lengths[1]) / 2, 0.25);
    }

    public function testASquareKnotIsTwoFlatHalfKnots(): void
    {
        $cord = self::cord(1, Fibre::Nylon);
        $core = new Bundle($cord->thickness, 3);
        $half = HalfKnot::flat()->tied($core, $cord, Tension::Firm);
        $square = (new SquareKnot())->tied($core, $cord, Tension::Firm);

        self::assertEqualsWithDelta(2 * $half->pitch->millimetres, $square->pitch->millimetres, 1e-9);
        self::assertEqualsWithDelta(2 * $half->use->millimetres, $square->use->millimetres, 1e-9);
        self::assertTrue($square->width->equals($half->width));
    }

    public function testTheIdealTubeTakesWhatTighteningGave(): void
    {
        // Two cores of the working cord's own thickness, pitch 1.5 diameters: half a turn, 4.6 diameters, softened to
        // 0.95; and a little, as the turn is not endless.
        $cord = self::cord(1, Fibre::Polyester);
        $turn = 2 + 2 * \M_PI;

        self::assertEqualsWithDelta(
            (0.5 * $turn + 4.22 + 0.26 + 1.14 / $turn) * 0.95,
            HalfKnot::flat()->tied(new Bundle($cord->thickness, 2), $cord, Tension::Even)->use->millimetres,
            1e-9,
        );
    }

    public function testAFirmerHandMakesShorterKnotsThatTakeMore(): void
    {
        $cord = self::cord(1, Fibre::WaxedCotton);
        $core = new Bundle($cord->thickness, 2);
        foreach ([HalfKnot::flat(), HalfKnot::spiral()] as $knot) {
            [$loose, $even, $firm] = array_map(
                static fn (Tension $tension): \Rinkel\Core\Knot\TiedKnot => $knot->tied($core, $cord, $tension),
                [Tension::Loose, Tension::Even, Tension::Firm],
            );
            self::assertTrue($loose->pitch->isLongerThan($even->pitch) && $even->pitch->isLongerThan($firm->pitch));
            self::assertTrue($loose->use->isShorterThan($even->use) && $even->use->isShorterThan($firm->use));
        }
    }

    public function testTheTurnIsTheHullOfTheCoreOffsetByHalfTheCord(): void
    {
        // Stadium: two half circles of radius (c + w) / 2 and two straights of one core distance.
        self::assertEqualsWithDelta(
            2 * 1.2 + \M_PI * 2.0,
            (new Bundle(Length::ofMillimetres(1.2), 2))->turn(Length::ofMillimetres(0.8))->millimetres,
            1e-9,
        );
        self::assertEqualsWithDelta(
            \M_PI * 3.0,
            (new Bundle(Length::ofMillimetres(2), 1))->turn(Length::ofMillimetres(1))->millimetres,
            1e-9,
        );
        self::assertEqualsWithDelta(
            4 + \M_PI * 2,
            (new Bundle(Length::ofMillimetres(1), 4))->turn(Length::ofMillimetres(1))->millimetres,
            1e-9,
        );
    }

    public function testAnOverhandTakesTenDiametersAndMoreInABundle(): void
    {
        $cord = self::cord(1, Fibre::Leather);
        $one = (new OverhandKnot())->tied($cord, 1);
        $four = (new OverhandKnot())->tied($cord, 4);

        // The tight open trefoil: about 10.1 diameters beyond its own length, 0.97 of it in leather.
        self::assertEqualsWithDelta(10.1 * 0.97 + $one->pitch->millimetres, $one->use->millimetres, 1e-9);
        // In it a cord goes once around itself, and past that turn on either side.
        self::assertGreaterThan(2 * \M_PI + 2 * $one->pitch->millimetres, $one->use->millimetres);
        self::assertEqualsWithDelta(2.0, $four->use->ratioTo($one->use), 0.1);
        self::assertTrue($four->width->isLongerThan($one->width));
    }

    /**
     * Common practice with thin waxed cord: a spiral turns once in eight to twelve half knots, more on more cores.
     */
    public function testASpiralTurnsSlowerOnMoreCores(): void
    {
        self::assertSame([8, 10, 10, 12], array_map(HalfKnot::perTurn(...), [1, 2, 4, 8]));
    }

    private static function cord(float $thickness, Fibre $fibre): Cord
    {
        return new Cord($fibre, Length::ofMillimetres($thickness), Colour::parse('#336699'));
    }
}
