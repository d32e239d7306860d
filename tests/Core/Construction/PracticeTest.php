<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
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
     * Two halves from a focal, each of one 18 in core and one 30 in working cord, both folded; 8 square knots, a small bead and 42 half
     * knots make 2 1/2 in; the slider comes from 6 in, with 5 or 6 square knots.
     */
    public function testABraceletInTwoHalves(): void
    {
        $plan = self::halves('0.75 mm');
        $half = $plan->draft->body()->minus(Length::ofMillimetres(20))->times(0.5);
        [$core, $working, $slider] = $plan->cuts;

        self::assertInches(2.1, 2.9, $half);
        self::assertSame([2, 2], [$core->count, $working->count]);
        self::assertInches(14, 22, $core->needed());
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
     * Connector bracelet: two arm-lengths (about 48 in) for working cords are more than needed; 5 to 6 turns around the hand do.
     */
    public function testTurnsAroundTheHandAndArmLengths(): void
    {
        $plan = Examples::plan();
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
        $plan = Examples::planOf('strung-beads', ['wearer' => ['place' => 'neck', 'girth' => '14 in'], 'length' => '20 in', 'cords.cord' => ['fibre' => 'leather', 'thickness' => '1 mm']]);

        self::assertInches(40, 60, $plan->cuts[0]->length);
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
        $plan = Examples::plan(['cords.core.count' => 3, 'cords.core.thickness' => '0.8 mm', 'cords.working.thickness' => '0.8 mm', 'closure.knots' => 3]);

        self::assertLessThan(15, $plan->cuts[2]->length->in(Unit::Inch));
    }

    /**
     * Nobody likes to cut off a hand's length of leather at the end: beyond what is knotted, run, closed and held, a cut has no more
     * than the margin on its knots and one step of rounding.
     */
    public function testNothingIsCutForNothing(): void
    {
        foreach (Examples::planOf('knotted-strands')->cuts as $cut) {
            self::assertSame(['straight', 'knots', 'ends', 'margin', 'rounding'], array_keys($cut->parts + ['rounding' => Length::zero()]));
            self::assertLessThan(10, $cut->part('rounding')->millimetres);
            self::assertEqualsWithDelta(Cut::MARGIN * $cut->part('knots')->millimetres, $cut->part('margin')->millimetres, 1e-9);
        }
    }

    private static function assertInches(float $least, float $most, Length $length): void
    {
        self::assertGreaterThanOrEqual($least, $length->in(Unit::Inch));
        self::assertLessThanOrEqual($most, $length->in(Unit::Inch));
    }
}
