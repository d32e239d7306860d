<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\FlatSinnet;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\RopeLoops;
use Rinkel\Core\Drawing\SpiralSinnet;
use Rinkel\Core\Drawing\StopKnot;
use Rinkel\Core\Drawing\Strand;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Material\Colour;

/**
 * Walks the strands of the drawn knots and looks at every crossing: the picture must be the knot it claims to be.
 */
final class MotifTest extends TestCase
{
    public function testInASquareKnotBothCordsSwapSidesAndComeBack(): void
    {
        foreach ($this->squareKnot()->strands as $strand) {
            $points = self::points($strand);
            $side = static fn (Point $point): int => $point->y <=> 0;
            $first = $side($points[0]);
            $changes = 0;
            foreach ($points as $i => $point) {
                $changes += $i > 0 && $side($point) !== $side($points[$i - 1]) && 0 !== $side($point) ? 1 : 0;
            }
            self::assertSame(2, $changes, $strand->name.' goes across and back');
            self::assertSame($first, $side($points[\count($points) - 1]), $strand->name.' ends where it began');
        }
    }

    public function testTheFirstCordLiesBeforeTheCoreTheSecondBehindIt(): void
    {
        [$first, $second] = $this->squareKnot()->strands;

        self::assertSame([1], array_values(array_unique(self::levelsAcrossTheAxis($first))));
        self::assertSame([-1], array_values(array_unique(self::levelsAcrossTheAxis($second))));
    }

    public function testOverAndUnderAlternateAlongTheFirstCord(): void
    {
        [$first, $second] = $this->squareKnot()->strands;
        $signs = array_map(
            static fn (array $crossing): string => $crossing['over'] ? 'over' : 'under',
            self::crossings($first, $second),
        );

        // Each half knot: under the second cord's arch, over it on the core, under its arch on the other edge.
        self::assertSame(['under', 'over', 'under', 'under', 'over', 'under'], $signs);
    }

    public function testTurnedAsItIsWorkedTheLeftCordGoesToTheRightInFront(): void
    {
        // The beginning uppermost: what was to the right is below, what was below is on the left.
        $acrossInFront = static function (Motif $motif, float $until): float {
            foreach ($motif->strands as $strand) {
                foreach ($strand->spans as $span) {
                    foreach ($span->points as $i => $point) {
                        $before = $span->points[$i - 1] ?? $point;
                        if (1 === $span->level && $point->y * $before->y < 0 && $point->x < $until) {
                            return $before->y - $point->y;
                        }
                    }
                }
            }
            self::fail('Nothing crosses in front.');
        };
        self::assertGreaterThan(0, $acrossInFront((new FlatSinnet(1, 1.4))->squareKnot('left'), 1.4));
        self::assertLessThan(0, $acrossInFront((new FlatSinnet(1, 1.4, Side::Right))->squareKnot('right'), 1.4));
        self::assertGreaterThan(0, $acrossInFront((new SpiralSinnet(1, 1.4, 1, 2))->halfKnots('left', 0, 1), 1.4));
        self::assertLessThan(0, $acrossInFront((new SpiralSinnet(1, 1.4, -1, 2))->halfKnots('right', 0, 1), 1.4));
    }

    public function testASpiralFromTheRightIsTheMirrorImageOfOneFromTheLeft(): void
    {
        $spans = static fn (int $hand, int $mirror): array => array_map(
            static fn (Strand $strand): array => array_map(
                static fn ($span): array => [
                    $span->level,
                    array_map(
                        static fn (Point $point): array => [round($point->x, 6), round($mirror * $point->y, 6) + 0.0],
                        $span->points,
                    ),
                ],
                $strand->spans,
            ),
            (new SpiralSinnet(1, 1.4, $hand, 2))->halfKnots('turn', 0, 10)->strands,
        );

        self::assertSame($spans(1, 1), $spans(-1, -1));
        self::assertNotSame($spans(1, 1), $spans(-1, 1));
    }

    public function testCopiesJoin(): void
    {
        $knot = $this->squareKnot();
        foreach ($knot->strands as $strand) {
            $points = self::points($strand);
            $end = $points[\count($points) - 1];
            self::assertEqualsWithDelta($points[0]->y, $end->y, 0.01, 'at the same edge');
            self::assertEqualsWithDelta($knot->length, $end->x - $points[0]->x, 0.2, 'one knot further');
        }
    }

    public function testTheStopIsAnOverhandKnotOfThreeAlternatingCrossings(): void
    {
        $strand = StopKnot::motif('stop')->strands[0];
        $crossings = self::crossings($strand, $strand);
        usort($crossings, static fn (array $one, array $other): int => $one['at'] <=> $other['at']);

        self::assertSame([false, true, false, true, false, true], array_column($crossings, 'over'));
    }

    public function testTheLoopsOfARopeKnotGoOverAndUnderByTurns(): void
    {
        [$left, $right] = (new RopeLoops([Colour::parse('#aa7744')]))->motif('loops')->strands;
        foreach ([[$left, $right], [$right, $left]] as [$one, $other]) {
            $crossings = [...self::crossings($one, $other), ...self::crossings($one, $one)];
            usort($crossings, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);
            $signs = array_map(static fn (array $crossing): bool => $crossing['over'], $crossings);

            self::assertCount(8, $signs, 'six with the other loop, and itself met from both sides');
            foreach ($signs as $i => $over) {
                self::assertSame(0 === $i % 2 ? $signs[0] : !$signs[0], $over, (string) json_encode($signs));
            }
        }
    }

    public function testABraidStrandIsThirteenTenthsAsLongAsTheBraid(): void
    {
        foreach (CordKnots::braid(5.6, 1.0, 1) as $course) {
            $way = $course->points[\count($course->points) - 1]->x - $course->points[0]->x;
            self::assertEqualsWithDelta(1.30, $course->length() / $way, 0.08);
        }
    }

    private function squareKnot(): Motif
    {
        return (new FlatSinnet(1.0, 1.4))->squareKnot('knot');
    }

    /**
     * @return list<Point>
     */
    private static function points(Strand $strand): array
    {
        return array_merge(...array_map(static fn ($span): array => $span->points, $strand->spans));
    }

    /**
     * @return list<int>
     */
    private static function levelsAcrossTheAxis(Strand $strand): array
    {
        $levels = [];
        foreach ($strand->spans as $span) {
            foreach ($span->points as $i => $point) {
                if ($i > 0 && $point->y * $span->points[$i - 1]->y < 0) {
                    $levels[] = $span->level;
                }
            }
        }

        return $levels;
    }

    /**
     * Returns where $one crosses $other, in the order of $one: how far along, and whether it lies over.
     *
     * @return list<array{at: float, over: bool}>
     */
    private static function crossings(Strand $strand, Strand $other): array
    {
        $crossings = [];
        foreach (self::segments($strand) as $i => [$from, $to, $level]) {
            foreach (self::segments($other) as $j => [$start, $end, $height]) {
                if ($strand === $other && abs($i - $j) < 4) {
                    continue;
                }
                $cut = self::cut($from, $to, $start, $end);
                if (null !== $cut && $level !== $height) {
                    $crossings[(int) round(1000 * ($from->x + $cut * ($to->x - $from->x))).'/'.$i] = [
                        'at' => $i + $cut,
                        'over' => $level > $height,
                    ];
                }
            }
        }

        return array_values($crossings);
    }

    /**
     * @return list<array{Point, Point, int}>
     */
    private static function segments(Strand $strand): array
    {
        $segments = [];
        foreach ($strand->spans as $span) {
            foreach ($span->points as $i => $point) {
                if ($i > 0) {
                    $segments[] = [$span->points[$i - 1], $point, $span->level];
                }
            }
        }

        return $segments;
    }

    private static function cut(Point $a, Point $b, Point $c, Point $d): ?float
    {
        $cross = ($b->x - $a->x) * ($d->y - $c->y) - ($b->y - $a->y) * ($d->x - $c->x);
        if (abs($cross) < 1e-12) {
            return null;
        }
        $t = (($c->x - $a->x) * ($d->y - $c->y) - ($c->y - $a->y) * ($d->x - $c->x)) / $cross;
        $u = (($c->x - $a->x) * ($b->y - $a->y) - ($c->y - $a->y) * ($b->x - $a->x)) / $cross;

        return $t >= 0 && $t < 1 && $u >= 0 && $u < 1 ? $t : null;
    }
}
