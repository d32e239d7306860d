<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

final class BarrelTest extends KindCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new Barrel();

        self::assertSame('barrel', $knot->word());
        self::assertSame(Manner::Own, $knot->manner());
        self::assertSame(3, $knot->usualTurns());
        self::assertSame(0, $knot->twist());
        self::assertSame('barrel', $knot->mirrored()->word());
        self::assertSame('barrel', KnownKnots::all()->named('barrel')?->word());
    }

    public function testMoreTurnsMakeItLongerAndASlidingOneLiesAroundAnotherCord(): void
    {
        $knot = new Barrel();
        $tied = static fn (int $turns): TiedKnot => $knot->tied(
            TyingContext::itself(self::cord(), 1, $turns),
            Tension::Even,
        );
        $sliding = $knot->tied(TyingContext::sliding(self::cord(), self::cord(2.0)), Tension::Even);

        self::assertTrue($tied(4)->pitch->isLongerThan($tied(3)->pitch));
        self::assertTrue($tied(4)->use->isLongerThan($tied(3)->use));
        self::assertTrue($sliding->use->isLongerThan($tied(3)->use), 'around a thick cord');
    }
}
