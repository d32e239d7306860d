<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Lie;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Profile;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

final class RingTest extends TestCase
{
    /**
     * Common practice: add half an inch to a snug wrist, times the wraps: 6 in and three wraps are 19 1/2 in. The
     * thickness comes on top of that.
     */
    public function testThreeSnugWrapsOfSixInches(): void
    {
        $ring = self::ring(6, 0.5, 3, 0);

        self::assertEqualsWithDelta(19.5, $ring->wished()->in(Unit::Inch), 1e-9);
    }

    /**
     * Common practice: a usual adult bracelet is 7 to 7 1/2 in finished; a wrist of 6 1/2 in and half an inch to one.
     */
    public function testAUsualBracelet(): void
    {
        self::assertEqualsWithDelta(7.0, self::ring(6.5, 0.5, 1, 0)->wished()->in(Unit::Inch), 1e-9);
        self::assertEqualsWithDelta(7.5, self::ring(6.5, 1.0, 1, 0)->wished()->in(Unit::Inch), 1e-9);
    }

    /**
     * A ring with the radius r inside and thickness t has a middle line of 2 pi (r + t / 2): pi t longer than its
     * inside.
     */
    public function testThickBeadsWantThirtyOneMillimetresMore(): void
    {
        $thin = self::ring(6, 0.5, 1, 0)->wished();
        $thick = self::ring(6, 0.5, 1, 10)->wished();
        $radius = $thin->millimetres / 2 / \M_PI;

        self::assertEqualsWithDelta(2 * \M_PI * ($radius + 5), $thick->millimetres, 1e-9);
        self::assertEqualsWithDelta(31.4, $thick->minus($thin)->millimetres, 0.1);
    }

    public function testEachWrapLiesAtItsPlaceUpTheArm(): void
    {
        $wearer = new Wearer(
            Length::ofMillimetres(160),
            Measured::Snug,
            null,
            BodyPlace::Wrist,
            Length::ofMillimetres(190),
            Length::ofMillimetres(60),
        );
        $ring = new Ring($wearer, Length::zero(), 4, self::even(2), Length::ofMillimetres(6));
        $sum = 0.0;
        for ($i = 0; $i < 4; ++$i) {
            $sum += 160 + 30 * (6 * $i / 60) + 2 * \M_PI;
        }

        self::assertEqualsWithDelta($sum, $ring->wished()->millimetres, 1e-9);
        self::assertEqualsWithDelta(160, $ring->inside($ring->wished())->millimetres, 1e-9);
    }

    public function testAnAskedLengthCountsInsteadOfTheFit(): void
    {
        $wearer = new Wearer(Length::ofMillimetres(340), Measured::Snug, null, BodyPlace::Neck);
        $ring = new Ring(
            $wearer,
            Length::zero(),
            1,
            self::even(5),
            Length::ofMillimetres(5),
            Length::ofMillimetres(520),
        );

        self::assertEqualsWithDelta(520, $ring->wished()->millimetres, 1e-9);
        self::assertEqualsWithDelta(520, $ring->atSkin()->millimetres, 1e-9);
    }

    /**
     * Girths inside worked out by hand from the closed forms, around something round; a neck is taken as that.
     *
     * @param list<Lie> $lies
     */
    #[DataProvider('provideRings')]
    public function testTheGirthInsideByThickness(array $lies, float $thin, float $laid, float $inside): void
    {
        $near = Length::ofMillimetres($inside);
        $wearer = new Wearer($near, Measured::Snug, $near->times(1.2), BodyPlace::Neck);
        $profile = new Profile($lies, Length::ofMillimetres($thin));
        $ring = new Ring($wearer, Length::zero(), 1, $profile, Length::ofMillimetres(5));

        self::assertEqualsWithDelta($inside, $ring->inside(Length::ofMillimetres($laid))->millimetres, 0.3);
        self::assertEqualsWithDelta($laid, $ring->laid($near)->millimetres, 0.3);
    }

    /**
     * @return iterable<string, array{list<Lie>, float, float, float}>
     */
    public static function provideRings(): iterable
    {
        $ball = static fn (float $size): Lie => Lie::rigid(Length::ofMillimetres($size), Length::ofMillimetres($size));
        $cord = static fn (float $length, float $thin): Lie => Lie::bending(
            Length::ofMillimetres($length),
            Length::ofMillimetres($thin),
        );
        $six = array_fill(0, 11, $ball(6));
        $pair = [$ball(6), $ball(10)];
        $cube = Lie::rigid(Length::ofMillimetres(7), Length::ofMillimetres(2));
        yield 'all one thickness' => [[], 3.0, 180.0, 180.0 - 3 * \M_PI];
        yield 'one large ball' => [[$cord(90, 1), $ball(20), $cord(90, 1)], 1.0, 200.0, 181.0];
        yield 'a ball in a band' => [[$cord(84, 3), $ball(12), $cord(84, 3)], 3.0, 180.0, 165.0];
        yield 'nine together' => [array_fill(0, 9, $ball(8)), 1.0, 185.0, 171.0];
        yield 'three spread' => [
            [$cord(23, 1.5), $ball(10), $cord(47, 1.5), $ball(10), $cord(46, 1.5), $ball(10)], 1.5, 170.0, 150.0,
        ];
        yield 'a thick half' => [[$cord(80, 9), $cord(80, 18), $cord(80, 9)], 9.0, 240.0, 200.1];
        yield 'one large of many' => [[...$six, $ball(14), ...$six], 6.0, 146.0, 120.1];
        yield 'by turns' => [array_merge(...array_fill(0, 11, $pair)), 6.0, 176.0, 142.5];
        yield 'cubes on a string' => [array_fill(0, 25, $cube), 2.0, 175.0, 167.8];
    }

    /**
     * Two wraps on a wrist of 160 mm with a hand of 200 mm: one lies on the skin while the other passes the hand, so a
     * slider of half an inch wants tails of about 51 mm, not of 98.
     */
    public function testOfSeveralWrapsOnlyTheLastPassesTheHand(): void
    {
        $wearer = new Wearer(Length::ofMillimetres(160), Measured::Comfortable, Length::ofMillimetres(200));
        $ring = new Ring($wearer, Length::zero(), 2, self::even(2), Length::ofMillimetres(5));
        $opens = $ring->overHand()->minus($ring->wished())->millimetres;

        self::assertEqualsWithDelta(40 + 6.35, $opens, 1e-6);
        self::assertEqualsWithDelta(206.35, $ring->passing($ring->overHand())->millimetres, 1e-6);
        self::assertEqualsWithDelta(160, $ring->passing($ring->wished())->millimetres, 1e-6);
    }

    public function testAnAskedLengthStillOpens(): void
    {
        $wearer = new Wearer(Length::ofMillimetres(340), Measured::Snug, Length::ofMillimetres(540), BodyPlace::Neck);
        $asked = Length::ofMillimetres(700);
        $ring = new Ring($wearer, Length::zero(), 1, self::even(2), Length::ofMillimetres(5), $asked);

        self::assertEqualsWithDelta(740, $ring->overHand()->millimetres, 1e-9);
    }

    private static function ring(float $inches, float $ease, int $wraps, float $thickness): Ring
    {
        return new Ring(
            new Wearer(Length::ofInches($inches), Measured::Snug),
            Length::ofInches($ease),
            $wraps,
            self::even($thickness),
            Length::ofMillimetres(5),
        );
    }

    private static function even(float $thickness): Profile
    {
        return new Profile([], Length::ofMillimetres($thickness));
    }
}
