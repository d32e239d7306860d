<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\Point;

final class PointTest extends TestCase
{
    public function testHowFarApartTwoAre(): void
    {
        self::assertSame(5.0, (new Point(1, 1))->distanceTo(new Point(4, 5)));
        self::assertSame(0.0, (new Point(1, 1))->distanceTo(new Point(1, 1)));
    }
}
