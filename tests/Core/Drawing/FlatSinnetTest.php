<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\FlatSinnet;
use Rinkel\Core\Knot\Side;

final class FlatSinnetTest extends TestCase
{
    public function testASquareKnotIsTwoHalfKnotsLong(): void
    {
        $sinnet = new FlatSinnet(1.0, 1.7);

        self::assertSame(3.4, $sinnet->squareKnot('s')->length);
        self::assertSame([0.0, 0.0], [$sinnet->start('a')->length, $sinnet->finish('f')->length]);
        self::assertCount(2, $sinnet->squareKnot('s')->strands);
    }

    public function testTheOtherHandIsAnotherPicture(): void
    {
        self::assertNotEquals(
            (new FlatSinnet(1.0, 1.7, Side::Left))->squareKnot('s')->strands,
            (new FlatSinnet(1.0, 1.7, Side::Right))->squareKnot('s')->strands,
        );
    }
}
