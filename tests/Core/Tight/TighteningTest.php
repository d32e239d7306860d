<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Cell;
use Rinkel\Core\Tight\Diagram;
use Rinkel\Core\Tight\Ends;
use Rinkel\Core\Tight\Rod;
use Rinkel\Core\Tight\Rope;
use Rinkel\Core\Tight\Tangle;
use Rinkel\Core\Tight\Tightening;
use Rinkel\Core\Tight\Tube;

final class TighteningTest extends TestCase
{
    /**
     * Lengths of the tightest rings known, in radii.
     */
    #[DataProvider('provideTightest')]
    public function testARingIsAsShortAsTheTightestKnown(string $of, float $known, float $spacing, float $within): void
    {
        $rings = self::rings($of);
        $tight = (new Tightening($spacing))->tighten(Tangle::of(array_map(
            static fn (array $points): Rope => Rope::through($points, Ends::Joined),
            $rings,
        )));

        // What still overlaps a little is as long as a thinner tube that does not.
        self::assertEqualsWithDelta(
            $known,
            2 * array_sum($tight->tangle->lengths()) / $tight->closest,
            $within * $known,
        );
        self::assertGreaterThan(0.8, $tight->nearest, 'nothing came near to going through another');
        self::assertSame(Diagram::of($rings)->jones(), Diagram::of(self::points($tight->tangle))->jones());
    }

    /**
     * @return iterable<string, array{string, float, float, float}>
     */
    public static function provideTightest(): iterable
    {
        // Two rings through each other are two circles: 2 · 2π · 2 radii (J. Cantarella, R. Kusner, J. Sullivan, "On
        // the minimum ropelength of knots and links", 2002, from memory).
        yield 'two rings' => ['two rings', 8 * \M_PI, 0.12, 0.005];
    }

    #[DataProvider('provideMore')]
    #[Group('slow')]
    public function testMoreRingsAreAsShort(string $of, float $known): void
    {
        $this->testARingIsAsShortAsTheTightestKnown($of, $known, 0.12, 0.004);
    }

    /**
     * @return iterable<string, array{string, float}>
     */
    public static function provideMore(): iterable
    {
        // T. Ashton, J. Cantarella, M. Piatek, E. Rawdon, "Knot tightening by constrained gradient descent", 2011, from
        // memory.
        yield 'trefoil' => ['trefoil', 32.743];
        yield 'figure eight' => ['figure eight', 42.089];
        yield 'five around a ring' => ['five around a ring', 47.20];
        yield 'five with a twist' => ['five with a twist', 49.47];
    }

    /**
     * Two or three strands wound around each other, one turn to a length: the tube of each touches the next, and a
     * helix is as long as geometry says.
     */
    #[DataProvider('provideStrands')]
    public function testStrandsAroundEachOtherTouch(int $strands, float $pitch): void
    {
        $ropes = [];
        for ($i = 0; $i < $strands; ++$i) {
            $points = [];
            for ($k = 0; $k < 40; ++$k) {
                $angle = 2 * \M_PI * ($k / 40 + $i / $strands);
                $points[] = [1.4 * cos($angle), 1.4 * sin($angle), $pitch * $k / 40];
            }
            $ropes[] = Rope::through($points, Ends::Repeats);
        }
        $tight = (new Tightening(0.25))->tighten(Tangle::of($ropes, cell: Cell::straight($pitch)->fixed($pitch)));
        $radius = self::radius($strands, $pitch);

        self::assertEqualsWithDelta(
            sqrt((2 * \M_PI * $radius) ** 2 + $pitch ** 2),
            array_sum($tight->tangle->lengths()) / $strands,
            0.02 * $pitch,
        );
        self::assertEqualsWithDelta(2 * $radius + 1, $tight->size()[0], 0.06);
    }

    /**
     * @return iterable<string, array{int, float}>
     */
    public static function provideStrands(): iterable
    {
        yield 'two, steep' => [2, 8.0];
        yield 'two, flat' => [2, 3.0];
        yield 'three' => [3, 7.0];
    }

    /**
     * A cord pulled over a core sinks in until what it presses, its pull over the radius, is what the core presses
     * back: here added up over thin slices of it. However far apart the cord's beads are, it's the same.
     */
    #[DataProvider('provideHardness')]
    public function testACordSinksIntoASoftCore(float $cord, float $core): void
    {
        $points = [];
        for ($k = 0; $k <= 40; ++$k) {
            $points[] = [1.6 * sin(0.04 * ($k - 20) * \M_PI), 1.6 * cos(0.04 * ($k - 20) * \M_PI), 0.0];
        }
        $laid = Tangle::of([Rope::through($points, Ends::Held)], [new Rod(0, 0, 2.0)], rodsGiveWay: false);
        $force = 2 / (1 / $cord + 1 / $core);
        [$least, $most] = [1.0, 1.5];
        for ($i = 0; $i < 50; ++$i) {
            $radius = ($least + $most) / 2;
            $back = 0.0;
            for ($z = 5e-4; ($far = hypot($radius, $z)) < 1.5; $z += 1e-3) {
                $back += 2 * 1e-3 * $force * (1.5 - $far) * $radius / $far;
            }
            [$least, $most] = $back > 1 / $radius ? [$radius, $most] : [$least, $radius];
        }
        self::assertLessThan(1.49, $least);
        foreach ([0.3, 0.15] as $spacing) {
            $tight = (new Tightening($spacing))->tighten($laid, Tube::ideal()->asHardAs($cord, $core));
            $points = $tight->tangle->ropes[0]->points;
            [$x, $y] = $points[intdiv(\count($points), 2)];
            self::assertEqualsWithDelta($least, hypot($x, $y), 0.01, 'beads '.$spacing.' apart');
        }
    }

    /**
     * @return iterable<string, array{float, float}>
     */
    public static function provideHardness(): iterable
    {
        yield 'firm over firm' => [80.0, 80.0];
        yield 'firm over soft' => [80.0, 50.0];
        yield 'firm over hard' => [80.0, \INF];
        yield 'hard over soft' => [\INF, 50.0];
    }

    /**
     * Around a rod a pull falls by e to the friction times the angle (Euler; Eytelwein 1808).
     */
    public function testFrictionHoldsBackWhatIsPulledOverARod(): void
    {
        $points = [];
        for ($k = -10; $k <= 50; ++$k) {
            $angle = \M_PI * min(1, max(0, $k / 40));
            $points[] = [2.1 * cos($angle), 2.1 * sin($angle) - ($k < 0 ? -$k : max(0, $k - 40)) * 0.5, 0.0];
        }
        $laid = Tangle::of([Rope::through($points, Ends::Held)], [new Rod(0, 0, 3.0)], rodsGiveWay: false);
        foreach ([0.2, 0.4] as $friction) {
            $tight = (new Tightening(0.1))->tighten($laid, Tube::ideal()->asRoughAs($friction));

            $least = min([1.0, ...$tight->pull[0]]);
            self::assertEqualsWithDelta(exp(-$friction * \M_PI / 2), $least, 0.02, 'in the middle');
        }
        self::assertSame([], (new Tightening(0.2))->tighten($laid)->pull, 'none without friction');
    }

    /**
     * A stiff cord, pulled, over a thin rod: its curvature there is the slope over the length that its stiffness
     * rounds, the root of stiffness over tension (Euler and Bernoulli's beam under tension; derived here for small
     * slopes).
     */
    #[Group('slow')]
    public function testAStiffCordIsRoundedOverARod(): void
    {
        foreach ([0.25, 1.0] as $stiffness) {
            $points = [];
            for ($k = -80; $k <= 80; ++$k) {
                $points[] = [$k / 10, 2 - 1.5 * abs($k) / 80, 0.0];
            }
            $laid = Tangle::of([Rope::through($points, Ends::Held)], [new Rod(0, 1.35, 0.3)], rodsGiveWay: false);
            $tight = (new Tightening(0.1, 4000))->tighten($laid, Tube::ideal()->asStiffAs($stiffness));
            $middle = $tight->tangle->ropes[0]->points;
            $half = intdiv(\count($middle), 2);
            $step = Rope::between($middle[$half], $middle[$half + 1]);
            $curved = ($middle[$half - 1][1] + $middle[$half + 1][1] - 2 * $middle[$half][1]) / $step ** 2;
            [$near, $far] = [$middle[$half + 45], $middle[$half + 65]];
            $slope = ($near[1] - $far[1]) / ($far[0] - $near[0]);

            self::assertEqualsWithDelta(0.2, $slope, 0.02);
            // It falls off by that length on either side; seen from one bead to the next, a little of it is gone.
            $round = sqrt($stiffness);
            $peak = $slope / $round * 2 * ($round ** 2 * (exp(-$step / $round) - 1) + $round * $step) / $step ** 2;
            self::assertEqualsWithDelta(-$peak, $curved, 0.04 * $peak);
        }
    }

    public function testTheSameComesOfTheSame(): void
    {
        $laid = Tangle::of([Rope::through(self::rings('trefoil')[0], Ends::Joined)]);

        self::assertSame(
            (new Tightening(0.4))->tighten($laid)->tangle->lengths(),
            (new Tightening(0.4))->tighten($laid)->tangle->lengths(),
        );
    }

    /**
     * The distance at which strands on opposite sides touch, found by halving: of two helices around one line, the
     * nearest points are as far apart as a tube is thick.
     */
    private static function radius(int $strands, float $pitch): float
    {
        $nearest = static function (float $radius) use ($strands, $pitch): float {
            $least = \INF;
            for ($k = -400; $k <= 400; ++$k) {
                $t = $k / 200;
                $across = 2 * $radius ** 2 * (1 - cos(2 * \M_PI / $strands + $t));
                $least = min($least, sqrt($across + ($pitch * $t / (2 * \M_PI)) ** 2));
            }

            return $least;
        };
        [$low, $high] = [0.1, 3.0];
        for ($i = 0; $i < 60; ++$i) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $nearest($middle) < 1 ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    }

    /**
     * @return non-empty-list<list<array{float, float, float}>>
     */
    private static function rings(string $of): array
    {
        return match ($of) {
            'two rings' => [
                self::ring(static fn (float $t): array => [2 * cos($t), 2 * sin($t), 0.0]),
                self::ring(static fn (float $t): array => [1.5 + 2 * cos($t), 0.1, 2 * sin($t)]),
            ],
            'trefoil' => [self::ring(static fn (float $t): array => [
                1.3 * (sin($t) + 2 * sin(2 * $t)), 1.3 * (cos($t) - 2 * cos(2 * $t)), -1.3 * sin(3 * $t),
            ])],
            'figure eight' => [self::ring(static fn (float $t): array => [
                1.3 * (2 + cos(2 * $t)) * cos(3 * $t), 1.3 * (2 + cos(2 * $t)) * sin(3 * $t), 1.6 * sin(4 * $t),
            ])],
            'five around a ring' => [self::ring(static fn (float $t): array => [
                (3 + 1.3 * cos(2.5 * $t)) * cos($t), (3 + 1.3 * cos(2.5 * $t)) * sin($t), 1.3 * sin(2.5 * $t),
            ], 2)],
            'five with a twist' => [self::ring(static fn (float $t): array => [
                4 * cos(2 * $t + 0.2), 4 * cos(3 * $t + 0.7), 3 * cos(7 * $t),
            ])],
            default => throw new \LogicException('There is no '.$of.'.'),
        };
    }

    /**
     * @param \Closure(float): array{float, float, float} $at
     *
     * @return list<array{float, float, float}>
     */
    private static function ring(\Closure $at, int $rounds = 1): array
    {
        return array_map(static fn (int $i): array => $at(2 * \M_PI * $rounds * $i / 160), range(0, 159));
    }

    /**
     * @return non-empty-list<list<array{float, float, float}>>
     */
    private static function points(Tangle $tangle): array
    {
        return array_map(static fn (Rope $rope): array => $rope->points, $tangle->ropes);
    }
}
