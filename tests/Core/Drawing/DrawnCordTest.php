<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Material\Colour;

final class DrawnCordTest extends TestCase
{
    public function testAStraightOneHasTwoPoints(): void
    {
        $cord = DrawnCord::straight(1, 9, 2, 1.5, Colour::parse('#112233'), 'core');

        self::assertEquals([new Point(1, 2), new Point(9, 2)], $cord->points);
        self::assertSame(['core', 1.5], [$cord->role, $cord->thickness]);
    }
}
