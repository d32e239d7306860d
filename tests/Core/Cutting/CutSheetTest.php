<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cutter;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Supply;

final class CutSheetTest extends TestCase
{
    public function testLeftoversAreKeptOrWasteBySize(): void
    {
        $sheet = (new Cutter(Length::ofMillimetres(100)))->sheet(
            [self::demand('a', 400), self::demand('b', 250)],
            [Supply::offcut('long', Length::ofMillimetres(550)), Supply::offcut('short', Length::ofMillimetres(300))],
        );

        self::assertSame([150.0], array_map(static fn (Length $left): float => $left->millimetres, $sheet->kept()));
        self::assertSame(50.0, $sheet->wasted()->millimetres);
        self::assertTrue($sheet->fresh()->isZero());
        self::assertTrue($sheet->isProven());
        self::assertSame([], $sheet->unserved);
    }

    public function testWhatNoOffcutGivesComesFromASpoolOrLacks(): void
    {
        $spool = (new Cutter(Length::ofMillimetres(100)))->sheet(
            [self::demand('a', 400)],
            [Supply::spool('spool', Length::ofMillimetres(5000))],
        );
        $none = (new Cutter(Length::ofMillimetres(100)))->sheet([self::demand('a', 400)], []);

        self::assertSame(400.0, $spool->fresh()->millimetres);
        self::assertCount(1, $none->unserved);
        self::assertGreaterThanOrEqual(400.0, $none->lacking()->millimetres);
    }

    private static function demand(string $id, float $length): Demand
    {
        return new Demand($id, Length::ofMillimetres($length));
    }
}
