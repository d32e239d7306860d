<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Failure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Neighbour;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

final class NeighboursTest extends TestCase
{
    public function testNeighboursSayWhatAFewKnotsMean(): void
    {
        $plan = Examples::plan();
        self::assertCount(4, $plan->neighbours());
        foreach ($plan->neighbours() as $near) {
            $there = (new Planner())->plan(
                $plan->draft->piece->decided()->withPattern(
                    Pattern::parse($near->pattern, Unit::Millimetre, $plan->draft->piece->knownKnots()),
                ),
            );
            self::assertEqualsWithDelta(
                $near->difference->millimetres,
                $there->draft->body()->minus($plan->draft->body())->millimetres,
                1e-9,
            );
            self::assertEqualsWithDelta($there->draft->closed()->millimetres, $near->closed->millimetres, 0.1);
        }
    }

    /**
     * A repeat of 35 mm leaves more than a fit has room for. Every finer way is planned anew, comes nearer, and the
     * best stands first; where repeats are short there is none.
     */
    public function testFinerWaysWhereRepeatsAreCoarse(): void
    {
        $plan = Examples::planOf('square-knot-band', [
            'wearer' => ['girth' => '16.7 cm', 'hand' => '20 cm'],
            'closure' => ['kind' => 'clasp'],
            'beads' => ['sky' => ['shape' => 'tube', 'diameter' => '6 mm', 'length' => '22 mm', 'hole' => '3 mm']],
            'pattern' => '2 square, (1 bead sky, 5 square) x fit, 2 square',
        ]);
        $off = $plan->draft->setting->over->absolute();
        $finer = array_values(
            array_filter($plan->neighbours(), static fn (Neighbour $near): bool => null !== $near->way),
        );

        self::assertGreaterThan(6.35, $off->millimetres);
        self::assertNotSame([], $finer);
        foreach ($finer as $near) {
            $there = (new Planner())->plan(
                $plan->draft->piece->decided()->withPattern(
                    Pattern::parse($near->pattern, Unit::Millimetre, $plan->draft->piece->knownKnots()),
                ),
            );
            self::assertLessThan(
                $off->millimetres,
                $there->draft->setting->over->absolute()->millimetres,
                $near->pattern,
            );
            self::assertEqualsWithDelta($there->draft->closed()->millimetres, $near->closed->millimetres, 1e-9);
        }
        self::assertContains('way-fill', array_map(static fn (Neighbour $near): ?string => $near->way?->key, $finer));
        self::assertNull(Examples::plan()->neighbours()[0]->way);
    }

    /**
     * Each button does what it says, on shipped pieces and on such as nobody would think of, also where a fit fills a
     * gap: as much longer or shorter, shut as told.
     */
    public function testEachDoesWhatItSays(): void
    {
        $chance = new Chance(25);
        $planner = new Planner();
        $pieces = [...Examples::shipped(), ...array_map(static fn (): PieceSpec => Examples::random($chance), range(1, 60))];
        $told = 0;
        foreach ($pieces as $name => $piece) {
            try {
                $plan = $planner->plan($piece);
            } catch (Failure) {
                continue; // of what is thrown together by chance not all can be made
            }
            foreach ($plan->neighbours() as $near) {
                $there = $planner->plan(
                    $plan->draft->piece->decided()->withPattern(
                        Pattern::parse($near->pattern, Unit::Millimetre, $plan->draft->piece->knownKnots()),
                    ),
                );
                $what = $name.': '.$near->pattern;
                self::assertEqualsWithDelta(
                    $near->difference->millimetres,
                    $there->draft->body()->minus($plan->draft->body())->millimetres,
                    1e-6,
                    $what,
                );
                self::assertEqualsWithDelta(
                    $there->draft->closed()->millimetres,
                    $near->closed->millimetres,
                    0.2,
                    $what,
                );
                ++$told;
            }
        }
        self::assertGreaterThan(100, $told);
    }
}
