<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\LocalFrame;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Geometry\StraightWay;

final class StraightWayTest extends TestCase
{
    public function testItGoesNowhere(): void
    {
        $way = new StraightWay();

        self::assertEquals(new Point(3, 4), $way->at(3, 4));
        self::assertEquals(LocalFrame::turned(0.0), $way->frame(9));
    }
}
