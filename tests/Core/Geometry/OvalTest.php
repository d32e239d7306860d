<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\Oval;
use Rinkel\Core\Geometry\Point;

final class OvalTest extends TestCase
{
    /**
     * Perimeter of an ellipse by S. Ramanujan's second approximation (1914), good to 1e-7 at this shape.
     */
    public function testOneTurnIsAsLongAsAsked(): void
    {
        $oval = new Oval(170, 0, new Point(0, 0));
        [$a, $b] = [$oval->width() / 2, $oval->height() / 2];
        $h = (($a - $b) / ($a + $b)) ** 2;

        self::assertEqualsWithDelta(170, \M_PI * ($a + $b) * (1 + 3 * $h / (10 + sqrt(4 - 3 * $h))), 1e-3);
        self::assertEqualsWithDelta(1.3, $a / $b, 1e-9);
    }

    public function testLengthsAlongItAreArcLengths(): void
    {
        $oval = new Oval(200, 30, new Point(0, 0));
        $length = 0.0;
        for ($x = 0.0; $x < 60; $x += 0.25) {
            $length += $oval->at($x, 0)->distanceTo($oval->at($x + 0.25, 0));
        }

        self::assertEqualsWithDelta(60, $length, 0.02);
        self::assertEqualsWithDelta(0, $oval->at(30, 0)->x, 1e-6, 'what shall be on top is');
        self::assertEqualsWithDelta(-$oval->height() / 2, $oval->at(30, 0)->y, 1e-6);
        self::assertEqualsWithDelta(0, $oval->turnAt(30), 1e-6);
        self::assertEqualsWithDelta($oval->height() / 2, $oval->at(130, 0)->y, 1e-6, 'half a turn further it is below');
    }

    public function testWhatLiesBesideTheLineLiesSquareToIt(): void
    {
        $oval = new Oval(180, 0, new Point(0, 0));
        foreach ([0.0, 17.0, 45.0, 80.0, 151.0] as $x) {
            self::assertEqualsWithDelta(4, $oval->at($x, 4)->distanceTo($oval->at($x, 0)), 1e-9);
            self::assertLessThan(
                hypot($oval->at($x, 0)->x, $oval->at($x, 0)->y),
                hypot($oval->at($x, 4)->x, $oval->at($x, 4)->y),
                'towards the maker is inwards',
            );
        }
    }
}
