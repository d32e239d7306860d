<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Stock\StockCord;
use Rinkel\Core\Stock\Supply;
use Rinkel\Tests\Core\Examples;

final class CuttingTest extends TestCase
{
    public function testEveryCordOfEveryPieceIsCutOnce(): void
    {
        $plan = Examples::plan();
        $all = array_sum(array_map(static fn (Cut $cut): int => $cut->count, $plan->cuts));
        $cutting = Cutting::of(['one' => self::cuts($plan), 'two' => self::cuts($plan)], []);

        self::assertSame(2 * $all, $cutting->count());
        self::assertFalse($cutting->isWhole(), 'without stock all is to buy');
        $kinds = array_unique(array_map(static fn (Cut $cut): string => $cut->cord->materialKey(), $plan->cuts));
        self::assertCount(\count($kinds), $cutting->sheets, 'cords of one kind are on one sheet');
    }

    public function testWhatIsInStockIsCutFirstAndTheRestIsBought(): void
    {
        $plan = Examples::plan();
        $working = array_values(array_filter($plan->cuts, static fn (Cut $cut): bool => 'working' === $cut->role))[0];
        $stock = new StockCord('working', $working->cord, [Supply::spool('spool', Length::ofMillimetres(50_000))]);
        $cutting = Cutting::of(['one' => self::cuts($plan)], [$stock]);

        self::assertSame($stock, $cutting->sheets[0][1]);
        self::assertNull($cutting->sheets[\count($cutting->sheets) - 1][1]);
        self::assertFalse($cutting->isWhole());
        self::assertSame([], $cutting->sheets[0][2]->unserved);
        self::assertTrue($cutting->sheets[0][2]->fresh()->millimetres >= $working->length->millimetres);

        $whole = Cutting::of(['one' => [[$working], Length::ofMillimetres(10)]], [$stock]);
        self::assertTrue($whole->isWhole());
    }

    /**
     * An offcut serves before a spool is cut; what is left of it is kept or waste by its length.
     */
    public function testOffcutsServeFirst(): void
    {
        $plan = Examples::plan();
        $core = $plan->cuts[0];
        $long = $core->length->plus(Length::ofMillimetres(100));
        $sheet = Cutting::of(['one' => [[$core->times(1)], Length::ofMillimetres(10)]], [
            new StockCord('core', $core->cord, [Supply::spool('spool', null), Supply::offcut('offcut', $long)]),
        ])->sheets[0][2];

        self::assertSame('offcut', $sheet->taken[0]->supply->id);
        self::assertTrue($sheet->fresh()->isZero());
        self::assertSame([[], 100.0], [$sheet->kept(), $sheet->wasted()->millimetres]);
        self::assertTrue($sheet->lacking()->isZero());
    }

    /**
     * @return array{list<Cut>, Length}
     */
    private static function cuts(Plan $plan): array
    {
        return [array_values($plan->cuts), Length::ofMillimetres(10)];
    }
}
