<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class OverhandTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new Overhand();

        self::assertSame('overhand', $knot->word());
        self::assertSame(Manner::Own, $knot->manner());
        self::assertNull($knot->usualTurns());
        self::assertSame(0, $knot->twist());
        self::assertSame('overhand', $knot->mirrored()->word());
        self::assertSame('overhand', KnownKnots::all()->named('overhand')?->word());
    }

    public function testSeveralCordsTogetherMakeALargerOne(): void
    {
        $tied = static fn (int $cords): TiedKnot => (new Overhand())->tied(
            TyingContext::itself(
                new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233')),
                $cords,
            ),
            Tension::Even,
        );

        self::assertTrue($tied(2)->width->isLongerThan($tied(1)->width));
        self::assertTrue($tied(4)->use->isLongerThan($tied(2)->use));
    }
}
