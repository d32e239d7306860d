<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\LarksHead;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class LarksHeadTest extends TestCase
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

    private static function around(int $cores = 2): TyingContext
    {
        return TyingContext::around(new Bundle(Length::ofMillimetres(1), $cores), self::cord());
    }

    private static function cord(float $thick = 1.0): Cord
    {
        return new Cord(Fibre::Polyester, Length::ofMillimetres($thick), Colour::parse('#112233'));
    }
}
