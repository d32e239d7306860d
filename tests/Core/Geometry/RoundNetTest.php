<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\RoundNet;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

final class RoundNetTest extends TestCase
{
    /**
     * Knots on a drum, joined by cords of fixed length to their neighbours in the row below, pulled down by a weight:
     * relaxed step by step in space, without the formula, the net comes out as deep as the formula says.
     */
    #[DataProvider('provideNets')]
    public function testARelaxedNetIsAsDeep(int $columns, float $every, int $rows, float $girth): void
    {
        $radius = $girth / 2 / \M_PI;
        $angle = static fn (int $row, int $column): float => 2 * \M_PI * ($column + $row % 2 / 2) / $columns;
        $heights = array_fill(0, $rows + 1, array_fill(0, $columns, 0.0));
        for ($round = 0; $round < 400; ++$round) {
            for ($row = 1; $row <= $rows; ++$row) {
                for ($column = 0; $column < $columns; ++$column) {
                    // Each knot sinks as far as the two cords that hold it let it; they run over the drum between the knots.
                    $lowest = \INF;
                    foreach (0 === $row % 2 ? [-1, 0] : [0, 1] as $side) {
                        $above = (($column + $side) % $columns + $columns) % $columns;
                        $turn = abs($angle($row, $column) - $angle($row - 1, $above));
                        $around = $radius * min($turn, 2 * \M_PI - $turn);
                        $lowest = min($lowest, $heights[$row - 1][$above] + sqrt(max(0.0, $every ** 2 - $around ** 2)));
                    }
                    $heights[$row][$column] += 0.5 * ($lowest - $heights[$row][$column]);
                }
            }
        }
        $net = new RoundNet($columns, Length::ofMillimetres($every), $rows);

        self::assertEqualsWithDelta(
            array_sum($heights[$rows]) / $columns,
            $net->depth(Length::ofMillimetres($girth))->millimetres,
            0.05 * $net->depthFlat()->millimetres,
        );
    }

    /**
     * @return iterable<string, array{int, float, int, float}>
     */
    public static function provideNets(): iterable
    {
        yield 'usual' => [4, 12.7, 5, 60];
        yield 'wide' => [4, 12.0, 5, 88];
        yield 'fine' => [6, 8.0, 9, 70];
        yield 'slim' => [3, 15.0, 4, 40];
    }

    /**
     * Common practice: four cords, knots half an inch apart, five rows make a pouch of a little over 2 in.
     */
    public function testFiveRowsMakeAPouchOfTwoInches(): void
    {
        $net = new RoundNet(4, Length::ofInches(0.5), 5);

        self::assertGreaterThan(2.0, $net->depth(Length::ofMillimetres(55))->in(Unit::Inch));
        self::assertLessThan(2.5, $net->depth(Length::ofMillimetres(55))->in(Unit::Inch));
        self::assertEqualsWithDelta(
            2.5,
            $net->depthFlat()->in(Unit::Inch),
            1e-9,
            'pulled straight, with nothing in it',
        );
    }

    public function testAStoneGoesInAndStaysIn(): void
    {
        $net = new RoundNet(4, Length::ofMillimetres(12), 5);

        self::assertTrue($net->goesAround(Length::ofMillimetres(95.9)));
        self::assertFalse($net->goesAround(Length::ofMillimetres(96)), 'eight half meshes of 12 mm are all there is');
        self::assertNull($net->rowsFor(Length::ofMillimetres(30), Length::ofMillimetres(96)));
        self::assertTrue($net->holds(Length::ofMillimetres(48.5)));
        self::assertFalse($net->holds(Length::ofMillimetres(48)), 'it leaves through a mesh of four times 12 mm');
        self::assertSame(3, $net->rowsFor(Length::ofMillimetres(30), Length::ofMillimetres(50)));
    }
}
