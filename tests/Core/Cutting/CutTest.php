<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Examples;

final class CutTest extends TestCase
{
    public function testItsPartsAddUpToItsLength(): void
    {
        foreach (Examples::plan()->cuts as $cut) {
            self::assertEqualsWithDelta(
                $cut->length->millimetres,
                array_sum(array_map(static fn (Length $part): float => $part->millimetres, $cut->parts)),
                1e-6,
                $cut->role,
            );
            self::assertEqualsWithDelta(
                $cut->length->millimetres - $cut->part('rounding')->millimetres,
                $cut->needed()->millimetres,
                1e-9,
            );
            self::assertTrue($cut->part('nothing')->isZero());
        }
    }

    public function testSeveralOfThemAreAsMuchMoreAndLessRiskIsLonger(): void
    {
        $cut = Examples::plan()->cut('working') ?? self::fail();

        self::assertEqualsWithDelta(3 * $cut->length->millimetres, $cut->times(3)->total()->millimetres, 1e-9);
        $step = Length::ofMillimetres(10);
        self::assertFalse($cut->atRisk(Risk::oneIn(500), $step)->isShorterThan($cut->atRisk(Risk::oneIn(10), $step)));
    }
}
