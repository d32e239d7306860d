<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\HalfHitch;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class HalfHitchTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new HalfHitch();

        self::assertSame('hitch', $knot->word());
        self::assertSame(Manner::Hitched, $knot->manner());
        self::assertNull($knot->usualTurns());
        self::assertSame(0, $knot->twist());
        self::assertSame('hitch', $knot->mirrored()->word());
        self::assertSame('hitch', KnownKnots::all()->named('hitch')?->word());
    }

    public function testALarksHeadTakesTwoHitches(): void
    {
        self::assertEqualsWithDelta(
            2.0,
            (new VerticalLarksHead())->tied(self::around(), Tension::Even)->use->ratioTo(
                (new HalfHitch())->tied(self::around(), Tension::Even)->use,
            ),
            0.1,
        );
    }

    private static function around(int $cores = 2): TyingContext
    {
        return TyingContext::around(new Bundle(Length::ofMillimetres(1), $cores), self::cord());
    }

    private static function cord(float $thick = 1.0): Cord
    {
        return new Cord(Fibre::Polyester, Length::ofMillimetres($thick), Colour::parse('#112233'));
    }
}
