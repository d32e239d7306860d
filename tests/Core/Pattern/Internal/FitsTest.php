<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Internal\Fits;
use Rinkel\Core\Pattern\Internal\PartPaths;
use Rinkel\Core\Pattern\Pattern;

final class FitsTest extends TestCase
{
    public function testFitsAreNumberedInTheirOrder(): void
    {
        $fits = new Fits(new PartPaths(Pattern::parse(
            '1 square x fit, 2 bead a, (1 half left, 1 half right) x fit, (1 square) x 3',
            Unit::Millimetre,
        )));

        self::assertSame([0, null, 1, null], array_map($fits->at(...), ['0', '1', '2', '3']));
        self::assertNull($fits->at('2.0'), 'it is inside one');
        self::assertTrue($fits->isInside('2.0'));
        self::assertFalse($fits->isInside('3.0'));
        self::assertFalse($fits->isInside('1'));
    }
}
