<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cutter;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Cutting\Taking;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\StockCord;
use Rinkel\Core\Stock\Supply;
use Rinkel\Tests\Core\Chance;

final class TakingTest extends TestCase
{
    public function testOnlyWhatWasCutLeavesTheStock(): void
    {
        $stock = self::stock([Supply::spool('s', self::mm(5000.0)), Supply::offcut('o', self::mm(700.0))]);
        $sheet = self::cutter()->sheet([
            new Demand('a', self::mm(600.0)), new Demand('b', self::mm(900.0)), new Demand('c', self::mm(1100.0)),
        ], $stock->supplies);
        $taking = Taking::of($stock, $sheet, static fn (Demand $one): bool => 'c' !== $one->id);

        self::assertEqualsCanonicalizing(['a', 'b'], array_map(static fn (array $one): string => $one[0]->id, $taking->cords));
        self::assertSame(['s' => 4100.0], self::lengths($taking->left), 'the end of the offcut is waste');
        self::assertEqualsWithDelta(100.0, $taking->wasted->millimetres, 1e-9);
        self::assertSame(
            ['s' => 5000.0, 'o' => 700.0],
            self::lengths(Taking::of($stock, $sheet, static fn (): bool => false)->left),
        );
    }

    public function testASpoolOfWhichNobodyKnowsStaysOne(): void
    {
        $stock = self::stock([Supply::spool('s', null)]);
        $sheet = self::cutter()->sheet([new Demand('a', self::mm(600.0))], $stock->supplies);
        $taking = Taking::of($stock, $sheet, static fn (): bool => true);

        self::assertCount(1, $taking->cords);
        self::assertNull($taking->left[0]->length);
        self::assertTrue($taking->wasted->isZero());
    }

    /**
     * Over random histories of cutting some of what a sheet says, putting single cords back, finishing with leftovers
     * and buying, cord is neither made nor lost: stock before and what came are stock after, cords of what is made,
     * what is made of them, and waste.
     */
    public function testCordIsNeitherMadeNorLost(): void
    {
        for ($seed = 1; $seed <= 1000; ++$seed) {
            $chance = new Chance($seed);
            $ids = 0;
            $supplies = [Supply::spool('spool', self::mm($chance->whole(1500, 9000)))];
            for ($i = 0, $count = $chance->whole(0, 5); $i < $count; ++$i) {
                $supplies[] = Supply::offcut('offcut '.++$ids, self::mm($chance->whole(150, 1500)));
            }
            $came = self::sum($supplies);
            [$held, $used, $waste] = [[], 0.0, 0.0];
            for ($act = 0, $acts = $chance->whole(3, 9); $act < $acts; ++$act) {
                switch ($chance->whole(0, 3)) {
                    case 0:
                        $demands = [];
                        for ($i = 0, $count = $chance->whole(1, 5); $i < $count; ++$i) {
                            $demands[] = new Demand('cord '.++$ids, self::mm($chance->whole(100, 1400)));
                        }
                        $stock = self::stock($supplies);
                        $taking = Taking::of(
                            $stock,
                            self::cutter()->sheet($demands, $supplies),
                            static fn (): bool => !$chance->oneIn(4),
                        );
                        foreach ($taking->cords as [$demand, $length]) {
                            self::assertEqualsWithDelta($demand->wished->millimetres, $length->millimetres, 1e-9);
                            $held[] = $length->millimetres;
                        }
                        $supplies = $taking->left;
                        $waste += $taking->wasted->millimetres;
                        break;
                    case 1: // one cord is not used after all
                        if ([] !== $held) {
                            $back = array_pop($held);
                            $waste += $back < Cutting::WASTE ? $back : 0.0;
                            $supplies = $back < Cutting::WASTE
                                ? $supplies : [...$supplies, Supply::offcut('back '.++$ids, self::mm($back))];
                        }
                        break;
                    case 2: // something is finished, its ends go back one by one
                        if ([] !== $held) {
                            $cord = array_shift($held);
                            $ends = [$cord * $chance->whole(0, 40) / 100, $cord * $chance->whole(0, 40) / 100];
                            $used += $cord - array_sum($ends);
                            foreach ($ends as $end) {
                                $waste += $end < Cutting::WASTE ? $end : 0.0;
                                $supplies = $end < Cutting::WASTE
                                    ? $supplies : [...$supplies, Supply::offcut('end '.++$ids, self::mm($end))];
                            }
                        }
                        break;
                    default:
                        $supplies[] = Supply::spool('new '.++$ids, self::mm(3000.0));
                        $came += 3000.0;
                }
                self::assertEqualsWithDelta(
                    $came,
                    self::sum($supplies) + array_sum($held) + $used + $waste,
                    1e-6,
                    'seed '.$seed.', act '.$act,
                );
            }
        }
    }

    private static function cutter(): Cutter
    {
        return new Cutter(self::mm(Cutting::WASTE));
    }

    private static function mm(float $millimetres): Length
    {
        return Length::ofMillimetres($millimetres);
    }

    /**
     * @param list<Supply> $supplies
     */
    private static function stock(array $supplies): StockCord
    {
        return new StockCord('cord', new Cord(Fibre::Hemp, self::mm(1.0), Colour::parse('#aabbcc')), $supplies);
    }

    /**
     * @param list<Supply> $supplies
     */
    private static function sum(array $supplies): float
    {
        return array_sum(self::lengths($supplies));
    }

    /**
     * @param list<Supply> $supplies
     *
     * @return array<string, float>
     */
    private static function lengths(array $supplies): array
    {
        $lengths = [];
        foreach ($supplies as $supply) {
            $lengths[$supply->id] = $supply->length->millimetres ?? 0.0;
        }

        return $lengths;
    }
}
