<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\KnownKnots;

final class PlainTest extends TestCase
{
    public function testMostKnotsSayNothingOfTurnsAndLieFlat(): void
    {
        foreach (KnownKnots::all()->knots() as $knot) {
            if (!\in_array($knot->word(), ['half left', 'half right', 'barrel'], true)) {
                self::assertNull($knot->usualTurns(), $knot->word());
                self::assertSame(0, $knot->twist(), $knot->word());
                self::assertSame($knot, $knot->mirrored(), $knot->word());
            }
        }
    }
}
