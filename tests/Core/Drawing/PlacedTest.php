<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;
use Rinkel\Core\Material\Colour;

final class PlacedTest extends TestCase
{
    public function testSomeOfItsCopiesBeginWhereTheyAre(): void
    {
        $placed = new Placed(
            CordKnots::turn('t', 1.0),
            new Pose(10.0, 0.0, 2.0),
            Colour::parse('#112233'),
            'end',
            count: 6,
        );
        $some = $placed->some(2, 3);

        self::assertSame(22.0, $placed->end());
        self::assertSame([14.0, 3, 20.0], [$some->pose->x, $some->count, $some->end()]);
    }
}
