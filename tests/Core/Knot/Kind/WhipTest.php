<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use Rinkel\Core\Knot\Kind\Whip;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;

final class WhipTest extends KindCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new Whip();

        self::assertSame('whip', $knot->word());
        self::assertSame(Manner::Bound, $knot->manner());
        self::assertNull($knot->usualTurns());
        self::assertSame(0, $knot->twist());
        self::assertSame('whip', $knot->mirrored()->word());
        self::assertSame('whip', KnownKnots::all()->named('whip')?->word());
    }

    public function testATurnIsAsLongAsItsCordIsThick(): void
    {
        $turn = (new Whip())->tied(self::around(6), Tension::Even);

        self::assertEqualsWithDelta(1.0, $turn->pitch->millimetres, 1e-9);
        self::assertGreaterThan(\M_PI * 2, $turn->use->millimetres, 'it goes around six cores');
    }
}
