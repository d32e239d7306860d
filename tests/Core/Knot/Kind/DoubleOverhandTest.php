<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Knot\Kind\DoubleOverhand;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class DoubleOverhandTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $knot = new DoubleOverhand();

        self::assertSame('double overhand', $knot->word());
        self::assertSame(Manner::Own, $knot->manner());
        self::assertNull($knot->usualTurns());
        self::assertSame(0, $knot->twist());
        self::assertSame('double overhand', $knot->mirrored()->word());
        self::assertSame('double overhand', KnownKnots::all()->named('double overhand')?->word());
    }

    public function testItIsABarrelOfTwoPulledHard(): void
    {
        $cord = new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233'));

        self::assertEquals(
            (new BarrelKnot(2))->pulledHard($cord),
            (new DoubleOverhand())->tied(TyingContext::itself($cord), Tension::Even),
        );
    }
}
