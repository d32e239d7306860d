<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\WaveArm;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class WaveArmTest extends TestCase
{
    public function testSeedsGoAroundEachRoundBead(): void
    {
        $arm = self::arm(null);

        self::assertGreaterThan(2, $arm->fitting());
        self::assertSame($arm->fitting(), $arm->seeds, 'as many as fit where nobody says');
        self::assertSame(5, $arm->heads());
        self::assertSame(6, self::arm(6)->seeds);
        self::assertTrue(self::arm(12)->outside()->isLongerThan($arm->outside()));
    }

    public function testAHeadFromTheLengthOfAWaveGivesThatLengthBack(): void
    {
        $arm = self::arm(null);
        $head = Length::ofMillimetres(2.2);

        self::assertEqualsWithDelta(2.2, $arm->headOf($arm->along($head))->millimetres, 0.01);
        self::assertTrue($arm->long($head)->isLongerThan($arm->along($head)), 'it rises on the way');
        self::assertGreaterThan(0.0, $arm->rise()->millimetres);
    }

    private static function arm(?int $seeds): WaveArm
    {
        $bead = static fn (float $across): Bead => Bead::of(
            BeadShape::Round,
            Colour::parse('#112233'),
            Length::ofMillimetres($across),
            hole: Length::ofMillimetres(1),
        );

        return new WaveArm(
            $bead(6),
            $bead(2),
            new Cord(Fibre::Nylon, Length::ofMillimetres(0.8), Colour::parse('#112233')),
            4,
            $seeds,
        );
    }
}
