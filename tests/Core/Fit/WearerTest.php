<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Fit;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;

final class WearerTest extends TestCase
{
    public function testAComfortablyLooseTapeHoldsItsEase(): void
    {
        $girth = Length::ofMillimetres(170);

        self::assertSame(170.0, (new Wearer($girth, Measured::Snug))->skin()->millimetres);
        self::assertEqualsWithDelta(
            170.0 - EaseScale::comfortable()->millimetres,
            (new Wearer($girth, Measured::Comfortable))->skin()->millimetres,
            1e-9,
        );
    }

    /**
     * Ratios from docs/model.md.
     */
    public function testWhatIsPassedIsEstimatedFromTheSkin(): void
    {
        foreach ([[BodyPlace::Wrist, 1.3], [BodyPlace::Ankle, 1.45], [BodyPlace::Neck, 1.6]] as [$place, $ratio]) {
            $wearer = new Wearer(Length::ofMillimetres(200), Measured::Comfortable, null, $place);
            self::assertEqualsWithDelta($ratio * $wearer->skin()->millimetres, $wearer->handGirth()->millimetres, 1e-9);
        }
        $measured = new Wearer(Length::ofMillimetres(160), Measured::Snug, Length::ofMillimetres(205));
        self::assertSame(205.0, $measured->handGirth()->millimetres);
    }

    public function testASecondGirthIsTakenFromAnother(): void
    {
        $other = new Wearer(
            Length::ofMillimetres(160),
            Measured::Snug,
            upper: Length::ofMillimetres(180),
            upperAt: Length::ofMillimetres(40),
        );
        $with = (new Wearer(Length::ofMillimetres(155), Measured::Snug, Length::ofMillimetres(200)))->withUpper($other);

        self::assertSame(
            [155.0, 200.0, 180.0, 40.0],
            [$with->girth->millimetres, $with->hand?->millimetres, $with->upper?->millimetres, $with->upperAt?->millimetres],
        );
    }
}
