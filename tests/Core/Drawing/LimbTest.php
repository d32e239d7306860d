<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Limb;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Measure\Length;

final class LimbTest extends TestCase
{
    public function testAThickerArmIsDrawnThicker(): void
    {
        $wide = static function (float $girth): float {
            $limb = new Limb(
                new Wearer(Length::ofMillimetres($girth), Measured::Snug, null, BodyPlace::Wrist),
                10.0,
                0.0,
            );
            $ys = array_map(static fn (Point $point): float => $point->y, array_merge(...$limb->outline));

            return max([0, ...$ys]) - min([0, ...$ys]);
        };

        self::assertGreaterThan($wide(150), $wide(180));
    }

    public function testAHandHasFiveFingersAFootHasNone(): void
    {
        $limb = static fn (BodyPlace $place): Limb => new Limb(
            new Wearer(Length::ofMillimetres(200), Measured::Snug, null, $place),
            10.0,
            0.0,
        );

        self::assertCount(5, $limb(BodyPlace::Wrist)->rounds);
        self::assertNotCount(5, $limb(BodyPlace::Ankle)->rounds);
    }
}
