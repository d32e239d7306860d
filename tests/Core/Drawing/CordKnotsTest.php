<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\Course;

final class CordKnotsTest extends TestCase
{
    public function testAMotifIsAsLongAsItIsAskedFor(): void
    {
        self::assertSame(9.0, CordKnots::barrel('b', 3, 9.0, 3.0)->length);
        self::assertSame(4.0, CordKnots::hitch('h', [true, false], 1.0, 4.0)->length);
        self::assertSame(1.0, CordKnots::turn('t', 2.0)->length);
    }

    public function testABraidHasThreeStrandsAlikeButForAThirdOfTheWay(): void
    {
        $strands = CordKnots::braid(6.0, 1.0, 2);

        self::assertSame(
            ['strand-0', 'strand-1', 'strand-2'],
            array_map(static fn (Course $one): string => $one->name, $strands),
        );
        self::assertEqualsWithDelta($strands[0]->length(), $strands[1]->length(), 0.2);
    }
}
