<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;

final class EaseScaleTest extends TestCase
{
    #[DataProvider('provideEase')]
    public function testZoneByEase(float $inches, FitZone $zone): void
    {
        $wearer = new Wearer(Length::ofInches(6), Measured::Snug);

        self::assertSame($zone, (new EaseScale($wearer))->zoneOf(Length::ofInches(6 + $inches)));
    }

    /**
     * Common practice: half an inch over a snug wrist is snug, a whole inch is loose.
     *
     * @return iterable<string, array{float, FitZone}>
     */
    public static function provideEase(): iterable
    {
        yield 'none' => [0.0, FitZone::TooTight];
        yield 'a quarter' => [0.25, FitZone::Snug];
        yield 'half' => [0.5, FitZone::Snug];
        yield 'three quarters' => [0.75, FitZone::Comfortable];
        yield 'one' => [1.0, FitZone::Loose];
        yield 'one and a half' => [1.5, FitZone::TooLoose];
    }

    public function testATapeThatLayComfortablyIsComfortable(): void
    {
        $wearer = new Wearer(Length::ofCentimetres(18), Measured::Comfortable);

        self::assertSame(FitZone::Comfortable, (new EaseScale($wearer))->zoneOf($wearer->girth));
        self::assertEqualsWithDelta(180 - 19.05, $wearer->skin()->millimetres, 1e-9);
    }

    public function testAHandIsTakenAsMeasuredElseEstimated(): void
    {
        $wrist = Length::ofCentimetres(16);

        self::assertEqualsWithDelta(
            205,
            (new Wearer($wrist, Measured::Snug, Length::ofMillimetres(205)))->handGirth()->millimetres,
            1e-9,
        );
        // Palm over wrist of about 1.23 in published surveys (from memory); over the thumb it is more, by less than a tenth.
        $ratio = (new Wearer($wrist, Measured::Snug))->handGirth()->ratioTo($wrist);
        self::assertGreaterThan(1.23, $ratio);
        self::assertLessThan(1.36, $ratio);
    }

    /**
     * Means of either sex in the 1988 anthropometric survey of US Army personnel, in cm, from memory and rounded: head
     * over neck 57 over 38 and 54.5 over 32. The estimate lies within 3 % of their mean.
     */
    public function testWhatANecklacePassesIsEstimatedFromASurvey(): void
    {
        $neck = (new Wearer(Length::ofCentimetres(35), Measured::Snug, null, BodyPlace::Neck))->ratio();

        self::assertEqualsWithDelta((57 / 38 + 54.5 / 32) / 2, $neck, 0.045);
    }
}
