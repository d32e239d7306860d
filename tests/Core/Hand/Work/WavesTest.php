<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Work\Waves;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\WaveArm;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Examples;

final class WavesTest extends TestCase
{
    public function testBeadsAreWhatTheyAreSoAWaveTellsOfItsHeads(): void
    {
        $wave = self::waves();
        $reading = $wave->reading(2, null, Length::ofMillimetres(500));

        self::assertSame((new VerticalLarksHead())->word(), $reading->kind);
        self::assertNull($reading->length);
        self::assertEqualsWithDelta(
            500.0 - 2 * $wave->arm->outside()->millimetres,
            $reading->used->millimetres ?? 0.0,
            1e-9,
        );
    }

    public function testItTakesAtLeastWhatRunsPastItsSeeds(): void
    {
        $wave = self::waves();

        self::assertTrue($wave->least(1, null)->isLongerThan($wave->arm->outside()));
        self::assertEqualsWithDelta(2.0, $wave->least(2, null)->ratioTo($wave->least(1, null)), 1e-9);
    }

    private static function waves(): Waves
    {
        $cord = Examples::plan()->draft->piece->cord('working')->cord;
        $bead = static fn (float $size): Bead => Bead::of(
            BeadShape::Round,
            Colour::parse('#336699'),
            Length::ofMillimetres($size),
        );

        return new Waves($cord, Length::ofMillimetres(1), new WaveArm($bead(4), $bead(2), $cord, 4, 2));
    }
}
