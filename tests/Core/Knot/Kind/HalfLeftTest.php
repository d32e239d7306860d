<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use Rinkel\Core\Knot\Kind\HalfLeft;
use Rinkel\Core\Knot\Kind\HalfRight;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;

final class HalfLeftTest extends KindCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new HalfLeft();

        self::assertSame('half left', $knot->word());
        self::assertSame(Manner::Paired, $knot->manner());
        self::assertNull($knot->usualTurns());
        self::assertSame(1, $knot->twist());
        self::assertSame('half right', $knot->mirrored()->word());
        self::assertSame('half left', KnownKnots::all()->named('half left')?->word());
    }

    public function testASpiralTakesAsMuchWhicheverWayItTurns(): void
    {
        self::assertEquals(
            (new HalfRight())->tied(self::around(), Tension::Even),
            (new HalfLeft())->tied(self::around(), Tension::Even),
        );
        self::assertTrue(
            (new HalfLeft())->tied(self::around(), Tension::Loose)->pitch->isLongerThan(
                (new HalfLeft())->tied(self::around(), Tension::Firm)->pitch,
            ),
            'a loose hand makes fewer of a length',
        );
    }
}
