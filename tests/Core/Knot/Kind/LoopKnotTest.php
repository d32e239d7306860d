<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\LoopKnot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class LoopKnotTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new LoopKnot();

        self::assertSame('interlace', $knot->word());
        self::assertSame(Manner::Woven, $knot->manner());
        self::assertNull($knot->usualTurns());
        self::assertSame(0, $knot->twist());
        self::assertSame('interlace', $knot->mirrored()->word());
        self::assertSame('interlace', KnownKnots::all()->named('interlace')?->word());
    }

    public function testItIsInProportionToItsRope(): void
    {
        $tied = static fn (float $thick): TiedKnot => (new LoopKnot())->tied(
            TyingContext::itself(new Cord(Fibre::Cotton, Length::ofMillimetres($thick), Colour::parse('#112233')), 2),
            Tension::Even,
        );

        self::assertEqualsWithDelta(2.0, $tied(6.0)->pitch->ratioTo($tied(3.0)->pitch), 1e-9);
        self::assertEqualsWithDelta(2.0, $tied(6.0)->use->ratioTo($tied(3.0)->use), 1e-9);
    }
}
