<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

/**
 * Where the parts of each construction lie.
 */
final class BodyTest extends TestCase
{
    public function testRowsLieShiftedByHalfAStepAndTouch(): void
    {
        $plan = Examples::planOf('multi-row');
        $beads = self::flat($plan)->beads;
        $rows = [];
        foreach ($beads as $bead) {
            $rows[(string) round($bead->y, 3)][] = ($bead->x + $bead->end()) / 2;
        }
        ksort($rows, \SORT_NUMERIC);
        [$above, $middle, $below] = array_values($rows);
        $step = $middle[1] - $middle[0];

        self::assertEqualsWithDelta($above, $below, 1e-6, 'both outer rows alike');
        self::assertEqualsWithDelta($step / 2, $above[0] - $middle[0], 1e-6);
        self::assertCount(\count($above) + 1, $middle, 'the middle row begins and ends');
        self::assertEqualsWithDelta($step, $plan->draft->setting->elements[3]->extent->length->millimetres, 1e-6);
    }

    /**
     * What a pair is called says nothing of how it is drawn.
     */
    public function testAPairCalledLikeAnotherCordsTaskIsDrawnAsAPair(): void
    {
        $drawn = static function (string $name): array {
            $pair = ['fibre' => 'polyester', 'thickness' => '0.8 mm', 'colour' => '#aa3322'];
            $scene = self::flat(
                Examples::planOf(
                    'stacked-band',
                    [
                        'cords' => ['core' => ['thickness' => '0.8 mm', 'count' => 2], $name => $pair, 'blue' => $pair],
                        'pattern' => '(3 square in '.$name.', 3 square in blue) x fit',
                    ],
                ),
            );

            return [
                \count($scene->cords),
                \count($scene->placed),
                array_values(array_unique(array_map(static fn (Placed $knot): string => $knot->role, $scene->placed))),
            ];
        };
        [$cords, $knots, $ties] = $drawn('red');
        self::assertGreaterThan(20, $knots);
        foreach (['long', 'short', 'rope', 'end', 'mesh', 'lace', 'left', 'working', 'strand'] as $name) {
            self::assertSame(
                [$cords, $knots, array_map(static fn (string $tie): string => 'red' === $tie ? $name : $tie, $ties)],
                $drawn($name),
                $name,
            );
        }
    }

    public function testFiveRowsAreSymmetricToTheirMiddle(): void
    {
        $beads = self::flat(Examples::planOf('multi-row', ['cords.core' => ['count' => 5]]))->beads;
        $ys = array_values(array_unique(array_map(static fn (DrawnBead $bead): float => round($bead->y, 3), $beads)));
        sort($ys);

        self::assertCount(5, $ys);
        self::assertEqualsWithDelta(0, array_sum($ys), 1e-3);
        self::assertEqualsWithDelta($ys[1] - $ys[0], $ys[4] - $ys[3], 1e-3);
    }

    public function testTheArmsOfAWaveMirrorEachOtherAndTheirRoundsDoNotOverlap(): void
    {
        $rounds = array_values(
            array_filter(
                self::flat(Examples::planOf('wave-band'))->beads,
                static fn (DrawnBead $bead): bool => 'round' === $bead->name,
            ),
        );
        $wave = \array_slice($rounds, 0, 8);
        for ($i = 0; $i < 4; ++$i) {
            self::assertEqualsWithDelta($wave[$i]->x, $wave[$i + 4]->x, 1e-6);
            self::assertEqualsWithDelta($wave[$i]->y, -$wave[$i + 4]->y, 1e-6);
            self::assertGreaterThanOrEqual(1.5 - 1e-6, abs($wave[$i]->y), 'half a round off the middle at least');
        }
        self::assertGreaterThan(abs($wave[0]->y), abs($wave[1]->y), 'it bends outwards');
        self::assertGreaterThan($wave[0]->end(), $wave[1]->x);
    }

    public function testSeedBeadsGoAroundTheOuterSideOfTheirRound(): void
    {
        $beads = \array_slice(self::flat(Examples::planOf('wave-band'))->beads, 0, 5);
        foreach (\array_slice($beads, 1) as $seed) {
            self::assertLessThan($beads[0]->y, $seed->y, 'of the far arm on the far side');
        }
        self::assertEqualsWithDelta(-$beads[1]->turn, $beads[4]->turn, 1e-6, 'turned alike on both sides');
    }

    public function testStrandsNest(): void
    {
        $plan = Examples::planOf('knotted-strands');
        $beads = self::flat($plan)->beads;
        $strand = static fn (int $side): array => array_values(
            array_filter($beads, static fn (DrawnBead $bead): bool => ($bead->y <=> 0) === $side),
        );
        [$one, $two] = [$strand(-1), $strand(1)];

        self::assertCount(\count($one), $two);
        self::assertEqualsWithDelta(
            ($one[1]->x - $one[0]->x) / 2,
            $two[0]->x - $one[0]->x,
            1e-6,
            'shifted by half a repeat',
        );
        self::assertLessThanOrEqual($plan->draft->body()->millimetres + 1e-6, $two[\count($two) - 1]->end());
    }

    public function testBothEndsOfAWrapCarryTheirBeadsSideBySide(): void
    {
        $beads = \array_slice(self::flat(Examples::planOf('bundled-wrap'))->beads, 0, 6);

        self::assertSame([-1, -1, -1, 1, 1, 1], array_map(static fn (DrawnBead $bead): int => $bead->y <=> 0, $beads));
        self::assertEqualsWithDelta($beads[0]->x, $beads[3]->x, 1e-9);
        self::assertEqualsWithDelta($beads[0]->end(), $beads[1]->x, 1e-9, 'one after the other');
    }

    public function testHalvesLeaveTheFindingFree(): void
    {
        $plan = Examples::plan(
            [
                'findings.ring' => [
                    'kind' => 'connector', 'length' => '20 mm', 'width' => '20 mm', 'inside' => '14 mm',
                ],
                'pattern' => '1 square x fit, focal ring, mirror',
            ],
        );
        $scene = self::flat($plan);
        $ring = array_values(
            array_filter($scene->findings, static fn (DrawnFinding $drawnFinding): bool => $drawnFinding->beneath),
        )[0];
        foreach ($scene->cords as $cord) {
            $xs = array_map(static fn ($point): float => $point->x, $cord->points);
            self::assertFalse(min($xs) < $ring->x + 8 && max($xs) > $ring->x + 12, 'no core goes through the ring');
        }
        self::assertEqualsWithDelta($plan->draft->body()->millimetres / 2, $ring->x + 10, 1e-6, 'in the middle');
    }

    public function testLinksFollowEachOtherByTheirPitch(): void
    {
        $plan = Examples::planOf('laced-chain');
        $links = array_values(
            array_filter(
                self::flat($plan)->findings,
                static fn (DrawnFinding $drawnFinding): bool => 'link' === $drawnFinding->finding->kind->value,
            ),
        );

        self::assertCount($plan->draft->setting->count(ElementKind::Link), $links);
        self::assertEqualsWithDelta($links[0]->finding->pitch()->millimetres, $links[1]->x - $links[0]->x, 1e-9);
        self::assertLessThan(
            $links[0]->finding->length->millimetres,
            $links[1]->x - $links[0]->x,
            'each lies in the next',
        );
    }

    public function testAPouchHangsUnderItsLockBead(): void
    {
        $scene = self::flat(
            Examples::planOf(
                'netted-pouch',
                ['wearer' => ['place' => 'neck', 'girth' => '34 cm'], 'length' => '60 cm'],
            ),
        );
        self::assertCount(1, $scene->hanging);
        self::assertEqualsWithDelta(
            ($scene->frame->left + $scene->frame->right) / 2,
            $scene->hanging[0]->x,
            1e-6,
            'in the middle of the necklace',
        );
        $lock = $scene->hanging[0]->scene->beads[0];
        self::assertSame(0.0, $lock->x + $lock->bead->length->millimetres / 2, 'upright under it');
        self::assertSame(90.0, $lock->turn);
        self::assertNotSame([], $scene->hanging[0]->scene->cords);
        $lowest = max(
            [
                0.0,
                ...array_map(
                    static fn (DrawnCord $cord): float => max(
                        array_map(static fn ($point): float => $point->y, $cord->points),
                    ),
                    $scene->hanging[0]->scene->cords,
                ),
            ],
        );
        self::assertLessThanOrEqual($scene->hanging[0]->scene->frame->height, $lowest);
    }

    public function testLegsOfARopeKnotMeetItsKnot(): void
    {
        $scene = self::flat(Examples::planOf('rope-knot'));
        $knot = array_values(
            array_filter(
                $scene->placed,
                static fn (Placed $placed): bool => str_starts_with($placed->motif->name, 'interlace'),
            ),
        )[0];
        $legs = array_filter($scene->cords, static fn (DrawnCord $cord): bool => 2 === \count($cord->points));

        self::assertCount(8, $legs, 'two ropes in each of two legs on both sides');
        foreach ($legs as $leg) {
            self::assertTrue(
                $leg->points[1]->x > $knot->pose->x && $leg->points[0]->x < $knot->pose->x
                    || $leg->points[0]->x < $knot->end(),
                'the knot covers their ends',
            );
        }
    }

    public function testEveryClosureIsDrawnWhereItBelongs(): void
    {
        $body = static fn (Plan $plan): float => $plan->draft->body()->millimetres;
        foreach (['square-slider', 'double-barrel', 'single-barrel', 'slide-bead', 'ties'] as $kind) {
            $plan = Examples::plan(['closure' => ['kind' => $kind]]);
            $scene = self::flat($plan);
            // One barrel is wound near the body by the end where the piece finishes.
            $right = 'single-barrel' === $kind ? 20 : 30;
            self::assertLessThan(-30, $scene->frame->left, $kind.' has a tail on the left');
            self::assertGreaterThan($body($plan) + $right, $scene->frame->right, $kind.' has a tail on the right');
        }
        $loops = Examples::plan(['closure' => ['kind' => 'button-loop', 'loops' => 2]]);
        self::assertEqualsWithDelta(
            -$loops->draft->fastened->span->wide->millimetres,
            self::flat($loops)->frame->left,
            2,
            'two loops, one behind the other',
        );
        $clasp = Examples::planOf('knotted-strands');
        $left = array_sum(
            array_map(
                static fn (DrawnFinding $drawnFinding): float => $drawnFinding->x < 0 ? $drawnFinding->finding->length->millimetres : 0.0,
                self::flat($clasp)->findings,
            ),
        );
        self::assertEqualsWithDelta(-$left, self::flat($clasp)->frame->left, 1e-6, 'clasp, ring and end in a row');
        self::assertEqualsWithDelta(
            $clasp->draft->fastened->span->narrow->millimetres,
            $left + self::flat($clasp)->frame->right - $body($clasp),
            1e-6,
            'together they add what the plan says',
        );
        $elastic = Examples::planOf('stretch');
        self::assertSame(
            [0.0, $body($elastic)],
            [self::flat($elastic)->frame->left, self::flat($elastic)->frame->right],
            'elastic has no ends',
        );
    }

    private static function flat(Plan $plan): Scene
    {
        return (new Layout($plan))->flat();
    }
}
