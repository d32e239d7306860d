<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Fit;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\Lie;
use Rinkel\Core\Fit\Profile;
use Rinkel\Core\Measure\Length;

final class ProfileTest extends TestCase
{
    public function testWhatStandsHigherLiftsAllElse(): void
    {
        $cord = Length::ofMillimetres(2);
        $even = new Profile([Lie::bending(Length::ofMillimetres(160), $cord)], $cord);
        $bead = new Profile([
            Lie::bending(Length::ofMillimetres(75), $cord),
            Lie::rigid(Length::ofMillimetres(10), Length::ofMillimetres(8)),
            Lie::bending(Length::ofMillimetres(75), $cord),
        ], $cord);
        $girth = [Length::ofMillimetres(160)];

        self::assertTrue($even->isEven());
        self::assertTrue($even->lift($girth, 1.3)->isZero());
        self::assertFalse($bead->isEven());
        self::assertTrue($bead->lift($girth, 1.3)->isLongerThan(Length::zero()));
        self::assertSame([2.0, 8.0, 160.0], [
            $bead->thin->millimetres, $bead->thick->millimetres, $bead->body->millimetres,
        ]);
    }

    public function testAnEvenOneIsAsThickAsItIsOnAverage(): void
    {
        $profile = Profile::even([
            Lie::bending(Length::ofMillimetres(100), Length::ofMillimetres(2)),
            Lie::bending(Length::ofMillimetres(100), Length::ofMillimetres(4)),
        ], Length::ofMillimetres(1));

        self::assertEqualsWithDelta(3.0, $profile->thick->millimetres, 1e-9);
        self::assertEqualsWithDelta(1.0, Profile::even([], Length::ofMillimetres(1))->thick->millimetres, 1e-9);
    }
}
