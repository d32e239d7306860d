<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\EllipseArcs;

final class EllipseArcsTest extends TestCase
{
    /**
     * S. Ramanujan's second approximation (1914), good to 1e-6 for such ellipses.
     */
    public function testTheWayAroundIsThatOfAnEllipse(): void
    {
        foreach ([1.0, 1.3, 1.6] as $ratio) {
            $h = (($ratio - 1) / ($ratio + 1)) ** 2;
            $around = \M_PI * ($ratio + 1) * (1 + 3 * $h / (10 + sqrt(4 - 3 * $h)));
            self::assertEqualsWithDelta($around, EllipseArcs::of($ratio)->around, 2e-4, (string) $ratio);
        }
    }

    public function testAQuarterOfTheWayIsAQuarterOfTheTurn(): void
    {
        foreach ([1.0, 1.4] as $ratio) {
            foreach ([0.0, 0.25, 0.5, 0.75] as $share) {
                self::assertEqualsWithDelta(2 * \M_PI * $share, EllipseArcs::of($ratio)->angle($share), 1e-3);
                self::assertEqualsWithDelta(2 * \M_PI * $share, EllipseArcs::of($ratio)->angle($share - 3), 1e-3);
            }
        }
    }

    /**
     * From its flat end a wide ellipse goes up steeply: the angle is behind the share of the way at first.
     */
    public function testEvenStepsOfTheWayAreEvenlyLong(): void
    {
        $arcs = EllipseArcs::of(1.5);
        $at = static fn (float $share): array => [1.5 * cos($arcs->angle($share)), sin($arcs->angle($share))];
        for ($i = 0; $i < 100; ++$i) {
            [[$x, $y], [$right, $up]] = [$at($i / 100), $at(($i + 1) / 100)];
            self::assertEqualsWithDelta($arcs->around / 100, hypot($right - $x, $up - $y), 2e-4);
        }
    }

    public function testIsWorkedOutOnce(): void
    {
        self::assertSame(EllipseArcs::of(1.25), EllipseArcs::of(1.25));
    }
}
