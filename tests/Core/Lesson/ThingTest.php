<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Lesson\Matter;
use Rinkel\Core\Lesson\Thing;

final class ThingTest extends TestCase
{
    public function testARoundOneHasItsSize(): void
    {
        $thing = Thing::round(Matter::Button, 5, 2, 8, 12, 3);
        $xs = array_map(static fn (Point $point): float => $point->x, $thing->outline);
        $ys = array_map(static fn (Point $point): float => $point->y, $thing->outline);

        self::assertEqualsWithDelta(
            [12.0, 8.0],
            [max([0, ...$xs]) - min([99, ...$xs]), max([-99, ...$ys]) - min([99, ...$ys])],
            1e-9,
        );
        self::assertSame(3, $thing->level);
    }

    public function testAMirrorTurnsItOver(): void
    {
        $thing = Thing::cornered(Matter::Button, [[0, 1], [2, 3]], 1)->mirrored();

        self::assertEquals([new Point(0, -1), new Point(2, -3)], $thing->outline);
    }
}
