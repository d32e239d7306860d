<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\SpiralSinnet;

final class SpiralSinnetTest extends TestCase
{
    public function testItTurnsRoundOnceInSoManyHalfKnots(): void
    {
        $left = new SpiralSinnet(1.0, 1.7, 1, 2);

        self::assertGreaterThan(3, $left->perTurn);
        self::assertEqualsWithDelta(5 * 1.7, $left->halfKnots('a', 0, 5)->length, 1e-9);
        self::assertCount(2, $left->halfKnots('a', 0, 5)->strands);
        self::assertNotEquals(
            $left->halfKnots('a', 0, 5)->strands,
            (new SpiralSinnet(1.0, 1.7, -1, 2))->halfKnots('a', 0, 5)->strands,
        );
    }
}
