<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Knot\WayCrossing;
use Rinkel\Tests\Core\FigureEight;

#[CoversClass(DrawnWay::class)]
final class DrawnWayTest extends TestCase
{
    public function testItGoesUnderAndOverByTurnsUnlessSomethingElseIsSaid(): void
    {
        $way = DrawnWay::read(FigureEight::WAY);

        self::assertSame(FigureEight::WAY, $way->written());
        self::assertSame('under over under over', $way->crossed());
        self::assertSame(
            [false, true, false, true, false, true, false, true],
            array_column($way->passages(), 2),
            'along the cord',
        );
        self::assertSame([0, 1, 2, 3, 1, 0, 3, 2], array_column($way->passages(), 1));
        self::assertSame([1, 0, 3, 2], array_column($way->met(), 1), 'where it lies already');
        self::assertSame('over over under over', DrawnWay::read(FigureEight::WAY, 'over')->crossed());
        self::assertSame('under over over over', $way->turnedAt(2)->crossed());
        self::assertSame($way->crossed(), $way->turnedAt(9)->crossed());
    }

    /**
     * At every crossing one stretch is at the upper level and one at the lower.
     */
    public function testLevelsSayWhatIsAbove(): void
    {
        foreach (['', 'over over over over', 'under under'] as $words) {
            $way = DrawnWay::read(FigureEight::WAY, $words);
            $levels = $way->levels();
            self::assertCount(\count($way->points) - 1, $levels);
            foreach ($way->crossings as $crossing) {
                self::assertSame(
                    $crossing->isOver ? [2, 1] : [1, 2],
                    [$levels[(int) $crossing->first], $levels[(int) $crossing->second]],
                );
            }
        }
    }

    public function testAMirrorTurnsEachCrossingTheOtherWayRound(): void
    {
        $way = DrawnWay::read(FigureEight::WAY, 'over under');
        $mirrored = $way->mirrored();

        self::assertSame($way->crossed(), $mirrored->crossed());
        self::assertSame('k1', DrawnWay::name($way->places[0]));
        self::assertSame('i1', DrawnWay::name($mirrored->places[0]));
        foreach ($way->crossings as $i => $crossing) {
            self::assertEqualsWithDelta($crossing->turn, -$mirrored->crossings[$i]->turn, 0.05);
        }
        self::assertSame($way->written(), $mirrored->mirrored()->written());
    }

    #[TestWith(['', '', 'drawn-places'])]
    #[TestWith(['k1 k2 k3', '', 'drawn-places'])]
    #[TestWith(['k1 s2 k3 k4', '', 'drawn-no-place'])]
    #[TestWith(['k1 k31 k3 k4', '', 'drawn-no-place'])]
    #[TestWith(['k1 k0 k3 k4', '', 'drawn-no-place'])]
    #[TestWith(['k2 n4 k6 g4 k1 k8', '', 'drawn-shut-in'])]
    #[TestWith(['k1 n4 k8 g4 k6', '', 'drawn-shut-in'])]
    #[TestWith(['k1 k5 k8 k12', '', 'drawn-crossings'])]
    #[TestWith(['k1 k6 n9 k12 g9 k6 o4 o11 k18', '', 'drawn-crossings'])]
    #[TestWith(['k1 k4 k8 n10 k8 k4 g3 k14', '', 'drawn-along'])]
    #[TestWith([FigureEight::WAY, 'over sideways', 'drawn-no-word'])]
    #[TestWith([FigureEight::WAY, 'over over over over over', 'drawn-words'])]
    public function testWhatNobodyCouldFollowIsRefused(string $places, string $crossings, string $why): void
    {
        try {
            DrawnWay::read($places, $crossings);
            self::fail($why);
        } catch (KnotUnreadable $unreadable) {
            self::assertSame($why, $unreadable->said()->key);
        }
    }

    public function testWhatIsLaidIsDrawnAsFarAsItGoes(): void
    {
        self::assertNull(DrawnWay::sketched(''));
        self::assertNull(DrawnWay::sketched('zz 9 k99'));
        self::assertCount(1, DrawnWay::sketched('k1')->points ?? []);
        $sketch = DrawnWay::sketched('K1, k6;n9 k12 nonsense g9 k6 o4', 'over sideways');
        self::assertSame('k1 k6 n9 k12 g9 k6 o4', $sketch?->written());
        self::assertSame('over', $sketch->crossed());
    }

    /**
     * C. F. Gauss: along a closed line each crossing is come to once at an odd and once at an even passage.
     */
    public function testCrossingsAreComeToAtOddAndEvenPassages(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(2));
        for ($round = 0; $round < 50; ++$round) {
            $places = [[9, 0]];
            for ($i = 0; $i < 12; ++$i) {
                $places[] = [$chance->getInt(0, 17), $chance->getInt(4, 20)];
            }
            $way = DrawnWay::through([...$places, [9, 25]]);
            $at = [];
            foreach ($way->passages() as $n => [, $crossing]) {
                $at[$crossing][] = $n;
            }
            foreach ($at as [$first, $second]) {
                self::assertSame(1, ($second - $first) % 2);
            }
            self::assertSame(
                array_map(static fn (int $n): bool => 1 === $n % 2, array_keys($way->passages())),
                array_column($way->passages(), 2),
            );
            self::assertContainsOnlyInstancesOf(WayCrossing::class, $way->crossings);
        }
    }
}
