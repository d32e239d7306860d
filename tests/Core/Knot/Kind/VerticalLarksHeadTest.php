<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;

final class VerticalLarksHeadTest extends KindCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new VerticalLarksHead();

        self::assertSame('vertical lark', $knot->word());
        self::assertSame(Manner::Hitched, $knot->manner());
        self::assertNull($knot->usualTurns());
        self::assertSame(0, $knot->twist());
        self::assertSame('vertical lark', $knot->mirrored()->word());
        self::assertSame('vertical lark', KnownKnots::all()->named('vertical lark')?->word());
    }

    public function testItLiesAlongTheCoreAndGrowsWithIt(): void
    {
        $one = (new VerticalLarksHead())->tied(self::around(1), Tension::Even);
        $four = (new VerticalLarksHead())->tied(self::around(4), Tension::Even);

        self::assertTrue($four->use->isLongerThan($one->use));
        self::assertTrue($four->width->isLongerThan($one->width));
        self::assertFalse($one->pitch->isZero());
    }
}
