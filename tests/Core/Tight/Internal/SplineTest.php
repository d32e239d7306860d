<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Internal\Spline;

final class SplineTest extends TestCase
{
    public function testItGoesThroughItsPointsAndRoundACircle(): void
    {
        $points = array_map(
            static fn (int $i): array => [2 * cos($i * \M_PI / 8), 2 * sin($i * \M_PI / 8), 0.3 * $i],
            range(0, 32),
        );
        $spline = new Spline($points);
        self::assertEqualsWithDelta($points[7], $spline->between($spline->along[7], $spline->along[8], 1)[0], 1e-12);
        $between = $spline->between($spline->along[10], $spline->along[22], 60);
        self::assertCount(61, $between);
        foreach ($between as [$x, $y]) {
            self::assertEqualsWithDelta(2.0, sqrt($x ** 2 + $y ** 2), 0.002, 'a circle stays one between its points');
        }
    }

    public function testPointsLieEquallyFarApart(): void
    {
        $spline = new Spline([[0.0, 0.0, 0.0], [1.0, 0.0, 0.0], [4.0, 0.0, 0.0], [5.0, 0.0, 0.0]]);

        self::assertEqualsWithDelta(
            [[0.0, 0.0, 0.0], [1.25, 0.0, 0.0], [2.5, 0.0, 0.0], [3.75, 0.0, 0.0], [5.0, 0.0, 0.0]],
            $spline->between(0.0, 5.0, 4),
            1e-9,
        );
    }
}
