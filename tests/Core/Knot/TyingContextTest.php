<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class TyingContextTest extends TestCase
{
    public function testAKnotIsTiedAroundAlongOrInACordItself(): void
    {
        $cord = new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233'));
        $around = TyingContext::around(new Bundle(Length::ofMillimetres(2), 3), $cord);
        $along = TyingContext::sliding($cord, $cord, 5);
        $itself = TyingContext::itself($cord, 4);

        self::assertSame([1, null], [$around->together, $around->along]);
        self::assertSame([5, $cord], [$along->turns, $along->along]);
        self::assertSame([4, 3], [$itself->together, $itself->turns]);
        self::assertSame(3, $around->usual(new Barrel())->turns);
        self::assertSame(5, $along->usual(new Square())->turns, 'a knot without turns leaves them');
    }
}
