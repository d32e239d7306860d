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
        $net = RoundNet::even($columns, Length::ofMillimetres($every), $rows);

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
        $net = RoundNet::even(4, Length::ofInches(0.5), 5);

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
        $net = RoundNet::even(4, Length::ofMillimetres(12), 5);

        self::assertTrue($net->goesAround(Length::ofMillimetres(95.9)));
        self::assertFalse($net->goesAround(Length::ofMillimetres(96)), 'eight half meshes of 12 mm are all there is');
        self::assertNull($net->rowsFor(Length::ofMillimetres(30), Length::ofMillimetres(96)));
        self::assertTrue($net->holds(Length::ofMillimetres(48.5)));
        self::assertFalse($net->holds(Length::ofMillimetres(48)), 'it leaves through a mesh of four times 12 mm');
    }

    /**
     * Knots on a ball and on a long stone, each found by trying where two cords of fixed length from below meet on the
     * surface, measured in space: so many rows reach over it, and there they lie.
     */
    #[DataProvider('provideStones')]
    public function testRowsClimbAStone(int $columns, float $every, float $length, float $width): void
    {
        $surface = static fn (float $t, float $turn): array => [
            $width / 2 * sin($t) * cos($turn),
            $width / 2 * sin($t) * sin($turn),
            $length / 2 * (1 - cos($t)),
        ];
        // The way over the surface between two places, by a fine line over equal steps of both angles.
        $way = static function (float $from, float $to) use ($surface, $columns): float {
            [$sum, $last] = [0.0, $surface($from, 0)];
            for ($i = 1; $i <= 60; ++$i) {
                $next = $surface($from + ($to - $from) * $i / 60, \M_PI / $columns * $i / 60);
                $sum += sqrt(($next[0] - $last[0]) ** 2 + ($next[1] - $last[1]) ** 2 + ($next[2] - $last[2]) ** 2);
                $last = $next;
            }

            return $sum;
        };
        [$at, $rows, $ends] = [1e-6, 0, []];
        while ($at < \M_PI && $rows < 50) {
            $to = $at;
            while ($to < \M_PI && $way($at, $to) < $every) {
                $to += 0.002;
            }
            ++$rows;
            [$at, $ends] = [$to, [...$ends, $to]];
        }
        $girth = Length::ofMillimetres($width * \M_PI);
        $net = RoundNet::even($columns, Length::ofMillimetres($every), $rows);

        self::assertSame($rows, $net->rowsFor(Length::ofMillimetres($length), $girth));
        foreach ($net->on(Length::ofMillimetres($length), $girth) as $row => $knot) {
            if ($row > 0 && $row < $rows) {
                self::assertEqualsWithDelta($surface($ends[$row - 1], 0)[2], $knot->y, 0.06 * $length, 'row '.$row);
            }
        }
    }

    /**
     * @return iterable<string, array{int, float, float, float}>
     */
    public static function provideStones(): iterable
    {
        yield 'long' => [4, 12.0, 31.0, 19.0];
        yield 'a ball' => [4, 12.0, 24.0, 24.0];
        yield 'flat and fat' => [5, 11.0, 20.0, 30.0];
        yield 'large' => [6, 13.0, 60.0, 40.0];
    }

    public function testRowsOfUnlikeSpacing(): void
    {
        $net = new RoundNet(4, [Length::ofMillimetres(10), Length::ofMillimetres(10), Length::ofMillimetres(16)]);

        self::assertSame(36.0, $net->depthFlat()->millimetres);
        self::assertSame(80.0, $net->most()->millimetres, 'the closest row opens least');
        self::assertSame(52.0, $net->mesh()->millimetres, 'two sides of 10 mm and two of 16 mm');
        self::assertSame(40.0, RoundNet::even(4, Length::ofMillimetres(10), 1)->mesh()->millimetres);
    }

    /**
     * A net made for a stone lets it in, covers it and holds it, and with one row fewer it would not cover it.
     */
    public function testANetForAStone(): void
    {
        foreach ([[28, 18], [20, 30], [60, 40], [12, 9], [45, 12]] as [$length, $width]) {
            $girth = Length::ofMillimetres($width * \M_PI);
            $net = RoundNet::around(4, Length::ofMillimetres($length), $girth);

            self::assertTrue($net->goesAround($girth), $length.' by '.$width);
            self::assertTrue($net->holds($girth));
            self::assertCount((int) $net->rowsFor(Length::ofMillimetres($length), $girth), $net->rows);
        }
    }
}
