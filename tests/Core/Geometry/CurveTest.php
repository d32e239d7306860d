<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Geometry\Point;

final class CurveTest extends TestCase
{
    public function testItGoesThroughItsPoints(): void
    {
        $curve = Curve::between([[-1, 0], [0, 0], [1, 1], [2, 0], [3, 0]], 4);

        self::assertCount(9, $curve);
        self::assertEquals([new Point(0, 0), new Point(1, 1), new Point(2, 0)], [$curve[0], $curve[4], $curve[8]]);
    }

    public function testOnALineItStaysThere(): void
    {
        foreach (Curve::between([[-1, -2], [0, 0], [1, 2], [2, 4]], 5) as $point) {
            self::assertEqualsWithDelta(2 * $point->x, $point->y, 1e-12);
        }
    }
}
