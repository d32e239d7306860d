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

    /**
     * A place in any turn is as far from the middle of its turn as it is along the way.
     */
    public function testPlacesInEveryTurn(): void
    {
        $turns = new Turns(new StraightWay(), 100.0, 50.0, new Point(0, 7));
        foreach ([-1.0, 0.0, 1.0, 2.0] as $turn) {
            foreach ([-40.0, 10.0, 49.0] as $along) {
                $at = $turns->at(50.0 + $turn * 100 + $along, 0);
                self::assertEqualsWithDelta($turns->at(50, 0)->x + $along, $at->x, 1e-9);
                self::assertEqualsWithDelta($turns->at(50, 0)->y + 7 * $turn, $at->y, 1e-9);
            }
        }
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
