<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

/**
 * Whole plans against figures that makers tell each other (common practice): within a range, as makers differ.
 */
final class PracticeTest extends TestCase
{
    /**
     * Two halves from a focal, each of one 18 in core and one 30 in working cord, both folded; 8 square knots, a small
     * bead and 42 half knots make 2 1/2 in; the slider comes from 6 in, with 5 or 6 square knots.
     */
    public function testABraceletInTwoHalves(): void
    {
        $plan = self::halves('0.75 mm');
        $half = $plan->draft->body()->minus(Length::ofMillimetres(20))->times(0.5);
        [$core, $working, $slider] = $plan->cuts;

        self::assertInches(2.1, 2.9, $half);
        self::assertSame([2, 2], [$core->count, $working->count]);
        self::assertInches(12, 18, $core->needed());
        // What the knots take must come out of 30 in, and not of much less; what is left over holds and is cut off.
        $taken = $working->part('knots')->plus($working->part('straight'));
        self::assertInches(22, 30, $taken);
        self::assertInches(4, 6, $slider->part('knots'));
    }

    private static function halves(string $thickness): Plan
    {
        $cord = ['fibre' => 'polyester', 'thickness' => $thickness];

        return Examples::planOf('square-knot-band', [
            'cords' => ['core' => ['count' => 2] + $cord, 'working' => $cord],
            'beads.small' => ['diameter' => '4 mm', 'hole' => '1.6 mm'],
            'findings.ring' => ['kind' => 'connector', 'length' => '20 mm', 'width' => '20 mm', 'inside' => '15 mm'],
            'pattern' => '8 square, 1 bead small, 42 half left, focal ring, mirror',
            'closure' => ['kind' => 'square-slider', 'knots' => 5],
        ]);
    }

    /**
     * Connector bracelet: two arm-lengths (about 48 in) for working cords are more than needed; 5 to 6 turns around the
     * hand do.
     */
    public function testTurnsAroundTheHandAndArmLengths(): void
    {
        $plan = Examples::plan(['tension' => 'even']);
        $working = $plan->cuts[1];

        self::assertTrue($working->part('knots')->isLongerThan($plan->draft->piece->wearer->handGirth()->times(5)));
        self::assertInches(60, 96, $working->length);
    }

    /**
     * A barrel needs 5 to 6 in of tail to be tied at all; a necklace of one cord with a double slider is cut 50 in.
     */
    public function testANecklaceOfOneCord(): void
    {
        self::assertInches(5, 6, BarrelKnot::tyingEnd());
        $plan = Examples::planOf(
            'strung-beads',
            [
                'wearer' => ['place' => 'neck', 'girth' => '14 in'], 'length' => '20 in',
                'cords.cord' => ['fibre' => 'leather', 'thickness' => '1 mm'],
            ],
        );

        self::assertInches(38, 60, $plan->cuts[0]->length);
    }

    /**
     * Adult bracelets are 7 to 7 1/2 in finished, around their middle; a usual one of beads fits a wrist of 6 1/2 in.
     */
    public function testAUsualStretchBracelet(): void
    {
        $plan = Examples::planOf('stretch', ['wearer.girth' => '6 1/2 in', 'beads.round' => ['diameter' => '6 mm']]);

        self::assertInches(7, 8, $plan->draft->body());
    }

    /**
     * A slider cord for two or three square knots over six core ends is cut 15 in, with plenty to hold.
     */
    public function testASliderOverManyEnds(): void
    {
        $plan = Examples::plan(
            [
                'cords.core.count' => 3, 'cords.core.thickness' => '0.8 mm', 'cords.working.thickness' => '0.8 mm',
                'closure.knots' => 3,
            ],
        );

        self::assertLessThan(15, $plan->cuts[2]->length->in(Unit::Inch));
    }

    /**
     * Nobody likes to cut off a hand's length of leather at the end: beyond what is knotted, run, closed and held, a
     * cut has no more than the margin on its knots and one step of rounding.
     */
    public function testNothingIsCutForNothing(): void
    {
        foreach (Examples::planOf('knotted-strands')->cuts as $cut) {
            self::assertSame(
                ['straight', 'knots', 'ends', 'margin', 'rounding'],
                array_keys($cut->parts + ['rounding' => Length::zero()]),
            );
            self::assertLessThan(10, $cut->part('rounding')->millimetres);
            self::assertEqualsWithDelta(
                Risk::oneIn(50)->margin($cut->margin->spread) * $cut->part('knots')->millimetres,
                $cut->part('margin')->millimetres,
                1e-9,
            );
        }
    }

    /**
     * Three-row band: three cores of 20 in, 60 in of working cord, three square knots at each end; for a usual wrist.
     */
    public function testAThreeRowBand(): void
    {
        [$core, $working] = Examples::planOf('multi-row', ['wearer.girth' => '6 1/4 in'])->cuts;

        self::assertSame(3, $core->count);
        self::assertInches(13, 20, $core->length);
        self::assertInches(45, 72, $working->length);
    }

    /**
     * Wave band in 0.5 mm nylon, 3 mm rounds, 11/0 seed beads, four to a round: eight waves of four steps and two
     * square knots make 7 to 7 1/2 in; from 1 m of core and 2 m of working cord.
     */
    public function testAWaveBand(): void
    {
        $plan = Examples::planOf('wave-band', ['pattern' => '(wave 4 round / seed, 2 square) x 8']);

        self::assertInches(7, 7.5, $plan->draft->body());
        self::assertSame(['round' => 64, 'seed' => 256], $plan->beads, 'four around each round');
        self::assertInches(20, 40, $plan->cuts[0]->length);
        self::assertInches(55, 80, $plan->cuts[1]->length);
        self::assertNull(Examples::check($plan, 'wave-seeds-bare'));
    }

    /**
     * Strand bundle: strands of 5 1/2 in, two end cords of 10 in, a slider of 6 in with two square knots.
     */
    public function testAStrandBundle(): void
    {
        $plan = Examples::planOf(
            'strand-bundle',
            [
                'pattern' => '6 whip, gap 92 mm, 6 whip',
                'closure' => ['kind' => 'square-slider', 'knots' => 2, 'tail' => '25 mm'],
            ],
        );
        $cuts = array_column($plan->cuts, null, 'role');

        self::assertInches(5, 6, $cuts['sea']->length);
        self::assertSame([2, true], [$cuts['end']->count, $cuts['end']->parting->folded]);
        self::assertInches(7, 15, $cuts['end']->length);
        self::assertInches(3, 6, $cuts['slider']->part('knots')->plus(Length::ofMillimetres(20)));
    }

    /**
     * Laced chain: twice the chain and 2 in. Braided chain: each group four times around the wrist, folded.
     */
    public function testChains(): void
    {
        $laced = Examples::planOf('laced-chain');
        self::assertEqualsWithDelta(2.0, $laced->cuts[0]->part('knots')->ratioTo($laced->draft->body()), 0.35);
        $braided = Examples::planOf('braided-chain');
        self::assertEqualsWithDelta(
            4.0,
            $braided->cuts[0]->part('knots')->ratioTo($braided->draft->piece->wearer->girth),
            0.8,
        );
    }

    /**
     * Rope knot: four pieces of 50 cm of 9 mm rope, two side by side in each loop.
     */
    public function testARopeKnot(): void
    {
        $plan = Examples::planOf(
            'rope-knot',
            [
                'cords.rope' => ['fibre' => 'cotton', 'thickness' => '9 mm', 'count' => 2],
                'closure' => ['kind' => 'butted'],
            ],
        );

        self::assertSame(4, $plan->cuts[0]->count);
        self::assertInches(14, 24, $plan->cuts[0]->length);
        self::assertTrue(
            $plan->cuts[0]->part('straight')->plus($plan->cuts[0]->part('knots'))->isShorterThan(Length::ofCentimetres(50)),
        );
    }

    /**
     * Netted pouch: four cords of 48 in, knots half an inch apart, five rows.
     */
    public function testANettedPouch(): void
    {
        $plan = Examples::planOf(
            'netted-pouch',
            [
                'wearer' => ['place' => 'neck', 'girth' => '34 cm'], 'length' => '26 in',
                'pattern' => 'braid fit, net 5 every 1/2 in, focal lock, braid fit',
                'beads.lock' => ['diameter' => '10 mm', 'hole' => '4 mm'],
            ],
        );

        self::assertSame([4, true], [$plan->cuts[0]->count, $plan->cuts[0]->parting->folded]);
        self::assertInches(36, 60, $plan->cuts[0]->length);
    }

    private static function assertInches(float $least, float $most, Length $length): void
    {
        self::assertGreaterThanOrEqual($least, $length->in(Unit::Inch));
        self::assertLessThanOrEqual($most, $length->in(Unit::Inch));
    }
}
