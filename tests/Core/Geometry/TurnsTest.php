<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Geometry\StraightWay;
use Rinkel\Core\Geometry\Turns;

final class TurnsTest extends TestCase
{
    public function testEachTurnLiesBesideTheOneBefore(): void
    {
        $turns = new Turns(new StraightWay(), 100.0, 50.0, new Point(0, 7));

        self::assertEqualsWithDelta(7.0, $turns->at(150, 0)->y - $turns->at(50, 0)->y, 1e-9);
        self::assertEqualsWithDelta($turns->at(50, 0)->x, $turns->at(150, 0)->x, 1e-9);
    }

    public function testFromBehindItIsMirrored(): void
    {
        $front = new Turns(new StraightWay(), 100.0, 50.0, new Point(0, 7));
        $behind = new Turns(new StraightWay(), 100.0, 50.0, new Point(0, 7), true);

        self::assertEqualsWithDelta(-$front->at(60, 2)->x, $behind->at(60, 2)->x, 1e-9);
        self::assertTrue($front->frame(50)->faces);
        self::assertFalse($behind->frame(50)->faces);
    }
}
