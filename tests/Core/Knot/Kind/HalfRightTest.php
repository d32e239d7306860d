<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use Rinkel\Core\Knot\Kind\HalfLeft;
use Rinkel\Core\Knot\Kind\HalfRight;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;

final class HalfRightTest extends KindCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new HalfRight();

        self::assertSame('half right', $knot->word());
        self::assertSame(Manner::Paired, $knot->manner());
        self::assertNull($knot->usualTurns());
        self::assertSame(-1, $knot->twist());
        self::assertSame('half left', $knot->mirrored()->word());
        self::assertSame('half right', KnownKnots::all()->named('half right')?->word());
    }

    public function testASpiralTakesAsMuchWhicheverWayItTurns(): void
    {
        self::assertEquals(
            (new HalfLeft())->tied(self::around(), Tension::Even),
            (new HalfRight())->tied(self::around(), Tension::Even),
        );
        self::assertTrue(
            (new HalfRight())->tied(self::around(), Tension::Loose)->pitch->isLongerThan(
                (new HalfRight())->tied(self::around(), Tension::Firm)->pitch,
            ),
            'a loose hand makes fewer of a length',
        );
    }
}
