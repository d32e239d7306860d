<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use Rinkel\Core\Knot\Kind\HalfHitch;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;

final class HalfHitchTest extends KindCase
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
}
