<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use Rinkel\Core\Knot\Kind\LarksHead;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;

final class LarksHeadTest extends KindCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new LarksHead();

        self::assertSame('lark', $knot->word());
        self::assertSame(Manner::Hung, $knot->manner());
        self::assertNull($knot->usualTurns());
        self::assertSame(0, $knot->twist());
        self::assertSame('lark', $knot->mirrored()->word());
        self::assertSame('lark', KnownKnots::all()->named('lark')?->word());
    }

    public function testItTakesWhatAVerticalOneTakes(): void
    {
        self::assertEquals(
            (new VerticalLarksHead())->tied(self::around(), Tension::Even),
            (new LarksHead())->tied(self::around(), Tension::Even),
        );
    }
}
