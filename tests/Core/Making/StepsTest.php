<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Making\Closings;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Steps;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

/**
 * Nothing of a plan is lost or made up by its steps: they tie its knots, use its beads, cut its cords, in an order that
 * can be worked.
 */
final class StepsTest extends TestCase
{
    /**
     * @return iterable<string, array{Plan}>
     */
    public static function provideExamples(): iterable
    {
        foreach (Examples::shipped() as $name => $piece) {
            yield $name => [(new Planner())->plan($piece)];
        }
    }

    #[DataProvider('provideExamples')]
    public function testTheStepsMakeThePlan(Plan $plan): void
    {
        self::assertMakes($plan, Steps::of($plan), $plan->draft->piece->name);
    }

    public function testTheStepsOfPiecesByChanceMakeTheirPlans(): void
    {
        $chance = new Chance(1914);
        $made = 0;
        for ($i = 0; $i < 300; ++$i) {
            try {
                $plan = (new Planner())->plan(Examples::random($chance));
            } catch (PieceUnreadable) {
                continue;
            }
            self::assertMakes($plan, Steps::of($plan), $chance.', piece '.$i);
            ++$made;
        }
        self::assertGreaterThan(200, $made);
    }

    public function testEveryConstructionWithEveryClosureCanBeMade(): void
    {
        foreach (KnownClosures::all()->ids() as $id) {
            self::assertTrue(Closings::all()->has($id), $id);
        }
        foreach (Constructions::all()->ids() as $id) {
            $place = 'neck' === Constructions::all()->get($id)->places()[0]->value
                ? ['wearer' => ['girth' => '34 cm', 'place' => 'neck']]
                : [];
            foreach (Constructions::all()->get($id)->closures() as $closure) {
                try {
                    $plan = Examples::planOf($id, ['closure.kind' => $closure->id()] + $place);
                } catch (PieceUnreadable) {
                    continue;
                }
                $steps = Steps::of($plan);
                self::assertMakes($plan, $steps, $id.' '.$closure->id());
                self::assertSame($plan->draft->fastened->kind->id(), $closure->id());
            }
        }
    }

    public function testASquareKnotIsTwoHalvesFromBothSidesTheMakersFirst(): void
    {
        foreach ([Side::Left, Side::Right] as $side) {
            $steps = Steps::of(Examples::plan(['pattern' => '3 square', 'habits.side' => $side->value]));
            $tie = self::steps($steps, Deed::Tie)[0];
            self::assertSame(6, $tie->count);
            self::assertSame(3.0, $tie->ties()['square']);
            $sides = array_map(static fn (int $i): ?Side => $tie->move($i)->side, range(0, 5));
            $other = $side->other();
            self::assertSame([$side, $other, $side, $other, $side, $other], $sides);
        }
        $spiral = self::steps(Steps::of(Examples::plan(['pattern' => '8 half right'])), Deed::Tie)[0];
        self::assertSame(
            [Side::Right],
            array_unique(array_map(static fn (int $i): ?Side => $spiral->move($i)->side, range(0, 7)), \SORT_REGULAR),
        );
    }

    /**
     * Two halves are worked from the middle, each measured from there, and the first is measured before the second.
     */
    public function testHalvesAreWorkedFromTheMiddleAndHeldToEachOther(): void
    {
        $plan = (new Planner())->plan(Examples::shipped()['weir-gate']);
        $steps = Steps::of($plan);
        $halves = [1 => [], 2 => []];
        foreach ($steps->all as $step) {
            if ($step->half > 0) {
                $halves[$step->half][] = [$step->said->key, $step->count, (string) $step->due];
            }
        }
        self::assertNotEmpty($halves[1]);
        self::assertSame($halves[1], $halves[2], 'alike, step by step');
        $order = array_map(static fn (Step $step): string => $step->said->key, $steps->all);
        self::assertLessThan(
            array_search('compare-halves', $order, true),
            array_search('half-done', $order, true),
        );
        $first = array_values(array_filter($steps->all, static fn (Step $step): bool => 1 === $step->half));
        $second = array_values(array_filter($steps->all, static fn (Step $step): bool => 2 === $step->half));
        self::assertLessThan($first[0]->at, $first[1]->at, 'to the left in the drawing');
        self::assertGreaterThan($second[0]->at, $second[1]->at, 'to the right');
    }

    /**
     * What lies along the piece covers its drawing, without gap or overlap, but for bare cord.
     */
    public function testTheDrawingIsCoveredStepByStep(): void
    {
        foreach (['harbour-rail', 'slipway', 'tramlines', 'rowan', 'canal', 'kelp'] as $name) {
            $plan = (new Planner())->plan(Examples::shipped()[$name]);
            $covered = 0.0;
            foreach (Steps::of($plan)->all as $step) {
                $covered += abs($step->along);
                self::assertEqualsWithDelta(
                    (float) $step->at + $step->along,
                    (float) $step->reached($step->count),
                    1e-9,
                );
            }
            $bare = 0.0;
            foreach ($plan->draft->setting->elements as $element) {
                $bare += ElementKind::Bare === $element->kind ? $element->length->millimetres : 0.0;
            }
            self::assertEqualsWithDelta($plan->draft->body()->millimetres - $bare, $covered, 0.01, $name);
        }
    }

    /**
     * The order that cannot be turned round: nothing is tied before it is cut, elastic is tried before it is glued,
     * glue cures before it is trimmed, a loop is sized before the body, a flame comes before any glue (common
     * practice).
     */
    #[DataProvider('provideExamples')]
    public function testTheOrderCanBeWorked(Plan $plan): void
    {
        $deeds = array_map(static fn (Step $step): Deed => $step->deed, Steps::of($plan)->all);
        $keys = array_map(static fn (Step $step): string => $step->said->key, Steps::of($plan)->all);
        $first = static fn (Deed $deed): int => (int) (array_search($deed, $deeds, true) ?: 0);
        $last = static fn (Deed $deed): int => max([-1, ...array_keys($deeds, $deed, true)]);
        self::assertLessThan($first(Deed::Fix), $last(Deed::Cut));
        foreach ($deeds as $i => $deed) {
            if (Deed::Wait === $deed) {
                self::assertContains($deeds[$i - 1], [Deed::Secure, Deed::Close], 'it waits for glue');
            }
        }
        foreach (array_keys($keys, 'singe', true) as $singed) {
            self::assertNotContains('glue', \array_slice($keys, 0, $singed));
        }
        if (\in_array('loop-heads', $keys, true) || \in_array('loop-bound', $keys, true)) {
            $loop = (int) (array_search('loop-heads', $keys, true) ?: array_search('loop-bound', $keys, true));
            self::assertLessThan($first(Deed::Try), $loop);
        }
    }

    public function testElasticIsTriedBeforeGlueAndTrimmedAfterTheCure(): void
    {
        $plan = Examples::planOf('stretch', ['closure.kind' => 'elastic', 'closure.glued' => true]);
        $keys = array_map(static fn (Step $step): string => $step->said->key, Steps::of($plan)->all);
        $at = static fn (string $key): int => (int) array_search($key, $keys, true);
        self::assertContains('glue-knot', $keys);
        self::assertLessThan($at('glue-knot'), $at('try-elastic'));
        self::assertLessThan($at('trim-elastic'), $at('cure-elastic'));
        $knot = Steps::of($plan)->all[$at('elastic-knot')];
        self::assertSame(
            [Side::Left, Side::Right, Side::Left],
            [$knot->move(0)->side, $knot->move(1)->side, $knot->move(2)->side],
            'left over right, right over left, left over right (common practice)',
        );
        self::assertSame(
            120,
            Steps::of($plan)->all[$at('cure-elastic')]->minutes,
            'one to two hours (common practice)',
        );
    }

    public function testAPlaceIsFoundByHowManyMovesAreDone(): void
    {
        $steps = Steps::of(Examples::plan(['pattern' => '3 square']));
        self::assertSame([0, 0], $steps->at(0));
        self::assertSame([0, 0], $steps->at(-5));
        $tie = (int) array_search(Deed::Tie, array_map(static fn (Step $step): Deed => $step->deed, $steps->all), true);
        $before = $steps->before($tie);
        self::assertSame([$tie, 0], $steps->at($before));
        self::assertSame([$tie, 5], $steps->at($before + 5));
        self::assertSame([$tie + 1, 0], $steps->at($before + 6));
        $last = \count($steps->all) - 1;
        self::assertSame([$last, $steps->all[$last]->count], $steps->at($steps->moves));
        self::assertSame([$last, $steps->all[$last]->count], $steps->at($steps->moves + 9));
    }

    private static function assertMakes(Plan $plan, Steps $steps, string $what): void
    {
        self::assertEquals(
            array_filter($plan->beads, static fn (int $count): bool => $count > 0),
            array_map(intval(...), array_intersect_key($steps->beads(), $plan->draft->piece->beads)),
            $what.': beads',
        );
        $body = self::inBody($plan);
        $tied = [];
        foreach ($steps->all as $step) {
            foreach (null === $step->due && !\in_array(
                $step->said->key,
                ['net-row'],
                true,
            ) ? [] : $step->ties() as $word => $count) {
                $tied[$word] = ($tied[$word] ?? 0.0) + $count;
            }
        }
        ksort($body);
        ksort($tied);
        self::assertSame(array_keys($body), array_keys($tied), $what.': kinds of knots');
        foreach ($body as $word => $count) {
            self::assertEqualsWithDelta($count, $tied[$word], 1e-6, $what.': '.$word);
        }
        $cuts = [];
        foreach (self::steps($steps, Deed::Cut) as $step) {
            $length = $step->said->values['length'];
            $cuts[] = [$step->role, $step->count, $length instanceof Length ? (string) $length : ''];
        }
        self::assertSame(
            array_map(static fn ($cut): array => [$cut->role, $cut->count, (string) $cut->length], $plan->cuts),
            $cuts,
            $what.': cuts',
        );
        if ('square-slider' === $plan->draft->fastened->kind->id()) {
            $slider = array_values(array_filter(
                $steps->all,
                static fn (Step $step): bool => 'slider' === $step->said->key,
            ));
            self::assertSame(2 * $plan->draft->piece->closure->knots, $slider[0]->count);
        }
    }

    /**
     * Returns the knots of the body by what each part of it is: a step of rows has a half knot and a hitch for each
     * further core on either side, an arm of a wave a lark's head more than steps, a row of a net as many knots as
     * cords.
     *
     * @return array<string, float>
     */
    private static function inBody(Plan $plan): array
    {
        $knots = [];
        foreach ($plan->draft->setting->elements as $element) {
            $rounds = array_filter($element->beside, static fn ($bead): bool => Lane::Core === $bead->lane);
            $isHeld = 'multi-row' === $plan->draft->construction->id() && Lane::Strand === $element->lane;
            $tied = match ($element->kind) {
                ElementKind::Knot => [$element->word() => 1],
                ElementKind::Rows => ['half left' => 1, 'hitch' => 2 * intdiv(\count($element->beside) - 1, 2)],
                ElementKind::Wave => ['vertical lark' => \count($rounds) + 2],
                ElementKind::Net => ['overhand' => $plan->draft->piece->cord('mesh')->count],
                ElementKind::Bead => $isHeld ? ['half left' => 1] : [],
                default => [],
            };
            foreach (array_filter($tied, static fn (int $count): bool => $count > 0) as $word => $count) {
                $knots[$word] = ($knots[$word] ?? 0.0) + $count;
            }
        }

        return $knots;
    }

    /**
     * @return list<Step>
     */
    private static function steps(Steps $steps, Deed $deed): array
    {
        return array_values(array_filter($steps->all, static fn (Step $step): bool => $deed === $step->deed));
    }
}
