<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use Rinkel\Core\Knot\HalfKnot;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;

final class SquareTest extends KindCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new Square();

        self::assertSame('square', $knot->word());
        self::assertSame(Manner::Paired, $knot->manner());
        self::assertNull($knot->usualTurns());
        self::assertSame(0, $knot->twist());
        self::assertSame('square', $knot->mirrored()->word());
        self::assertSame('square', KnownKnots::all()->named('square')?->word());
    }

    public function testItIsTwoHalfKnots(): void
    {
        $half = HalfKnot::flat()->tied(self::around()->core, self::around()->cord, Tension::Even);
        $square = (new Square())->tied(self::around(), Tension::Even);

        self::assertEqualsWithDelta(2.0, $square->pitch->ratioTo($half->pitch), 1e-12);
        self::assertEqualsWithDelta(2.0, $square->use->ratioTo($half->use), 1e-12);
        self::assertEquals($half->width, $square->width);
    }
}
