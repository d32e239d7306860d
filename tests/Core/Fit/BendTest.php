<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Fit;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\Bend;

final class BendTest extends TestCase
{
    public function testLiesOnItsPointsAndBetweenThemLikeOneOverTheGirth(): void
    {
        $bend = Bend::through([[100.0, 8.0], [150.0, 5.0], [200.0, 4.0]]);

        foreach ([[100.0, 8.0], [150.0, 5.0], [200.0, 4.0]] as [$girth, $lift]) {
            self::assertEqualsWithDelta($lift, $bend->lift($girth), 1e-9);
        }
        // Halfway in 1/girth, halfway in lift.
        self::assertEqualsWithDelta(6.5, $bend->lift(2 / (1 / 100 + 1 / 150)), 1e-9);
        self::assertEqualsWithDelta(4.5, $bend->lift(2 / (1 / 150 + 1 / 200)), 1e-9);
    }

    public function testOnePointIsEverywhere(): void
    {
        self::assertSame([3.0, 3.0], array_map(Bend::through([[150.0, 3.0]])->lift(...), [100.0, 400.0]));
        self::assertSame(0.0, Bend::none()->lift(160.0));
        self::assertSame(160.0, Bend::none()->solved(160.0, 1));
    }

    public function testGirthAndLiftTogetherComeToTheSum(): void
    {
        $bend = Bend::through([[100.0, 8.0], [150.0, 5.0], [200.0, 4.0]]);
        foreach ([1, 2, 3] as $wraps) {
            foreach ([110.0, 140.0, 160.0, 195.0, 230.0] as $sum) {
                $girth = $bend->solved($sum, $wraps);
                self::assertEqualsWithDelta($sum, $girth + $bend->lift($girth) / $wraps, 1e-6, $wraps.' '.$sum);
            }
        }
    }

    public function testAnotherRingIsAsMuchHigherEverywhere(): void
    {
        $bend = Bend::through([[100.0, 8.0], [200.0, 4.0]]);
        $other = $bend->from(150.0, $bend->lift(150.0) + 1.5);

        self::assertEqualsWithDelta(1.5, $other->lift(120.0) - $bend->lift(120.0), 1e-9);
    }
}
