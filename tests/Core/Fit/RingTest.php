<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Fit;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Measured;
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
        $ring = new Ring($wearer, Length::zero(), 4, Length::ofMillimetres(2), Length::ofMillimetres(6));
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
            Length::ofMillimetres(5),
            Length::ofMillimetres(5),
            Length::ofMillimetres(520),
        );

        self::assertEqualsWithDelta(520, $ring->wished()->millimetres, 1e-9);
        self::assertEqualsWithDelta(520, $ring->atSkin()->millimetres, 1e-9);
    }

    private static function ring(float $inches, float $ease, int $wraps, float $thickness): Ring
    {
        return new Ring(
            new Wearer(Length::ofInches($inches), Measured::Snug),
            Length::ofInches($ease),
            $wraps,
            Length::ofMillimetres($thickness),
            Length::ofMillimetres(5),
        );
    }
}
