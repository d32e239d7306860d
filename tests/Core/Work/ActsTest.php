<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Acts;
use Rinkel\Core\Work\How;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Tool;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

/**
 * Nothing of a plan is lost or made up by its acts: they tie its knots, use its beads, cut its cords, in an order that
 * can be worked. What the hands find is in HandsTest.
 */
final class ActsTest extends TestCase
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
    public function testTheActsMakeThePlan(Plan $plan): void
    {
        self::assertMakes($plan, $plan->draft->piece->name);
    }

    public function testTheActsOfPiecesByChanceMakeTheirPlans(): void
    {
        $chance = new Chance(1914);
        $made = 0;
        for ($i = 0; $i < 300; ++$i) {
            try {
                $plan = (new Planner())->plan(Examples::random($chance));
            } catch (PieceUnreadable) {
                continue;
            }
            self::assertMakes($plan, $chance.', piece '.$i);
            ++$made;
        }
        self::assertGreaterThan(200, $made);
    }

    public function testEveryConstructionWithEveryClosureCanBeMade(): void
    {
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
                self::assertMakes($plan, $id.' '.$closure->id());
                self::assertSame($plan->draft->fastened->kind->id(), $closure->id());
            }
        }
    }

    /**
     * The first half came out a twentieth longer than planned: every length of the second follows, and the body with
     * it.
     */
    public function testTheSecondHalfFollowsTheRealLengthOfTheFirst(): void
    {
        $plan = Examples::plan([
            'pattern' => '1 square x fit, focal gate, mirror',
            'findings.gate' => ['kind' => 'connector'],
        ]);
        $planned = $plan->acts();
        self::assertSame($planned, $planned->halvedBy(1.0));
        $real = $planned->halvedBy(1.05);
        $seen = [];
        foreach ($planned->all as $i => $act) {
            $longer = match (true) {
                2 === $act->grip->half => 1.05,
                default => 1.0,
            };
            foreach ([[$act->spot->due, $real->all[$i]->spot->due], [
                $act->spot->from,
                $real->all[$i]->spot->from,
            ]] as [$one, $other]) {
                self::assertEqualsWithDelta(
                    $longer * ($one->millimetres ?? 0.0),
                    $other->millimetres ?? 0.0,
                    1e-9,
                    $act->said->key,
                );
            }
            $seen[$act->said->key] = [$act->said->values, $real->all[$i]->said->values];
        }
        $length = static function (mixed $value): float {
            self::assertInstanceOf(Length::class, $value);

            return $value->millimetres;
        };
        [$was, $is] = $seen['compare-halves'];
        self::assertEqualsWithDelta(1.05 * $length($was['due']), $length($is['due']), 1e-9);
        self::assertSame(['no', 'yes'], [$was['real'], $is['real']]);
        [$before, $after] = $seen['try-on'];
        self::assertEqualsWithDelta(
            $length($before['body']) + 0.1 * $length($was['due']),
            $length($after['body']),
            1e-6,
            'both halves are so much longer',
        );
        self::assertSame($planned->moves, $real->moves);
    }

    public function testASquareKnotIsTwoHalvesFromBothSidesTheMakersFirst(): void
    {
        foreach ([Side::Left, Side::Right] as $side) {
            $tie = self::body(Examples::plan(['pattern' => '3 square', 'habits.side' => $side->value]))[0];
            self::assertSame(6, $tie->stint->count);
            self::assertSame(3.0, $tie->stint->ties()['square']);
            $sides = array_map(static fn (int $i): ?Side => $tie->stint->move($i)->side, range(0, 5));
            $other = $side->other();
            self::assertSame([$side, $other, $side, $other, $side, $other], $sides);
        }
        $spiral = self::body(Examples::plan(['pattern' => '8 half right']))[0];
        self::assertSame(
            [Side::Right],
            array_unique(
                array_map(static fn (int $i): ?Side => $spiral->stint->move($i)->side, range(0, 7)),
                \SORT_REGULAR,
            ),
        );
    }

    /**
     * Two halves are worked from the middle, each measured from there; the first is measured before the second is
     * begun, and before its working cord is cut.
     */
    public function testHalvesAreWorkedFromTheMiddleAndHeldToEachOther(): void
    {
        $plan = (new Planner())->plan(Examples::shipped()['weir-gate']);
        $halves = [1 => [], 2 => []];
        foreach ($plan->acts()->all as $act) {
            if ($act->grip->half > 0 && null !== $act->spot->due) {
                $halves[$act->grip->half][] = [$act->said->key, $act->stint->count, (string) $act->spot->due];
            }
        }
        self::assertNotEmpty($halves[1]);
        self::assertSame($halves[1], $halves[2], 'alike, act by act');
        $order = array_map(static fn (Act $act): string => $act->said->key, $plan->acts()->all);
        $measured = array_search('half-done', $order, true);
        self::assertLessThan(array_search('compare-halves', $order, true), $measured);
        self::assertLessThan(array_search('hang-other', $order, true), $measured);
        self::assertLessThan(
            array_search('cut', array_reverse($order, true), true),
            $measured,
            'the second working cord is cut after it',
        );
        $of = static fn (int $half): array => array_values(array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => $half === $act->grip->half && null !== $act->spot->at,
        ));
        self::assertLessThan($of(1)[0]->spot->at, $of(1)[1]->spot->at, 'to the left in the drawing');
        self::assertGreaterThan($of(2)[0]->spot->at, $of(2)[1]->spot->at, 'to the right');
    }

    /**
     * What lies along the piece covers its drawing, without gap or overlap.
     */
    public function testTheDrawingIsCoveredActByAct(): void
    {
        foreach (['harbour-rail', 'slipway', 'tramlines', 'rowan', 'canal', 'kelp', 'twin-dune'] as $name) {
            $plan = (new Planner())->plan(Examples::shipped()[$name]);
            $covered = 0.0;
            foreach ($plan->acts()->all as $act) {
                $covered += abs($act->spot->along);
                self::assertEqualsWithDelta(
                    (float) $act->spot->at + $act->spot->along,
                    (float) $act->reached($act->stint->count),
                    1e-9,
                );
            }
            self::assertEqualsWithDelta($plan->draft->body()->millimetres, $covered, 0.01, $name);
        }
    }

    /**
     * The order that cannot be turned round: a flame comes before any glue that is still wet, and every wait is for
     * glue (common practice).
     */
    #[DataProvider('provideExamples')]
    public function testFlamesComeBeforeGlue(Plan $plan): void
    {
        $wet = false;
        foreach ($plan->acts()->all as $i => $act) {
            if (ActKind::Wait === $act->does) {
                self::assertTrue($wet, 'it waits for glue');
                $wet = false;
            }
            self::assertFalse($wet && How::Singe === $act->care->how, $plan->draft->piece->name.', act '.$i);
            // A stone is glued in without any end of a cord.
            $wet = $wet || How::Glue === $act->care->how || \in_array(Tool::Glue, $act->advice->tools, true);
        }
        self::assertFalse($wet && [] === array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => ActKind::Wait === $act->does,
        ));
    }

    public function testElasticIsTriedBeforeGlueAndTrimmedAfterTheCure(): void
    {
        $plan = Examples::planOf('stretch', ['closure.kind' => 'elastic', 'closure.glued' => true]);
        $keys = array_map(static fn (Act $act): string => $act->said->key, $plan->acts()->all);
        $at = static fn (string $key): int => (int) array_search($key, $keys, true);
        self::assertContains('glue-knot', $keys);
        self::assertLessThan($at('glue-knot'), $at('try-elastic'));
        self::assertLessThan($at('trim-elastic'), $at('cure'));
        $knot = $plan->acts()->all[$at('elastic-knot')];
        self::assertSame(
            [Side::Left, Side::Right, Side::Left],
            [$knot->stint->move(0)->side, $knot->stint->move(1)->side, $knot->stint->move(2)->side],
            'left over right, right over left, left over right (common practice)',
        );
        self::assertSame(
            120,
            $plan->acts()->all[$at('cure')]->minutes(),
            'one to two hours (common practice)',
        );
    }

    public function testAPlaceIsFoundByHowManyMovesAreDone(): void
    {
        $acts = Examples::plan(['pattern' => '3 square'])->acts();
        self::assertSame([0, 0], $acts->at(0));
        self::assertSame([0, 0], $acts->at(-5));
        $tie = (int) array_search(
            ActKind::Tie,
            array_map(static fn (Act $act): ActKind => $act->does, $acts->all),
            true,
        );
        $before = $acts->before($tie);
        self::assertSame([$tie, 0], $acts->at($before));
        self::assertSame([$tie, 5], $acts->at($before + 5));
        self::assertSame([$tie + 1, 0], $acts->at($before + 6));
        $last = \count($acts->all) - 1;
        self::assertSame([$last, $acts->all[$last]->stint->count], $acts->at($acts->moves));
        self::assertSame([$last, $acts->all[$last]->stint->count], $acts->at($acts->moves + 9));
    }

    /**
     * Where makers differ their habit decides: when working ends are made safe, when stops are tied, what comes first
     * on a wrap.
     */
    public function testHabitsTurnTheOrderRound(): void
    {
        $at = static fn (Plan $plan, string $key): int => (int) array_search(
            $key,
            array_map(static fn (Act $act): string => $act->said->key, $plan->acts()->all),
            true,
        );
        $usual = Examples::plan();
        self::assertLessThan($at($usual, 'slider'), $at($usual, 'singe'));
        self::assertLessThan($at($usual, 'stop'), $at($usual, 'slider'));
        $other = Examples::plan(['habits.working' => 'last', 'habits.stops' => 'first']);
        self::assertGreaterThan($at($other, 'slider'), $at($other, 'singe'));
        self::assertGreaterThan($at($other, 'stop'), $at($other, 'slider'));
        self::assertEqualsWithDelta(
            array_map(static fn ($cut): float => $cut->length->millimetres, $usual->cuts),
            array_map(static fn ($cut): float => $cut->length->millimetres, $other->cuts),
            1e-9,
            'it is the same cord',
        );
        $wrap = Examples::planOf('bundled-wrap');
        self::assertLessThan($at($wrap, 'bead-long'), $at($wrap, 'button-at-mark'));
        $turned = Examples::planOf('bundled-wrap', ['habits.button' => 'last']);
        self::assertGreaterThan($at($turned, 'bead-long'), $at($turned, 'button-on-both'));
        self::assertLessThan($at($turned, 'bead-long'), $at($turned, 'wrap-loop-fold'));
    }

    private static function assertMakes(Plan $plan, string $what): void
    {
        $acts = $plan->acts();
        self::assertEquals(
            array_filter($plan->beads, static fn (int $count): bool => $count > 0),
            array_map(intval(...), array_intersect_key($acts->beads(), $plan->draft->piece->beads)),
            $what.': beads',
        );
        $body = self::inBody($plan);
        $tied = [];
        foreach ($acts->all as $act) {
            $isOfLine = null !== $act->spot->due && null !== $act->stint->what || ActKind::Net === $act->does;
            foreach ($isOfLine ? $act->stint->ties() : [] as $word => $count) {
                $tied[$word] = ($tied[$word] ?? 0.0) + $count;
            }
        }
        ksort($body);
        ksort($tied);
        self::assertSame(array_keys($body), array_keys($tied), $what.': kinds of knots');
        foreach ($body as $word => $count) {
            self::assertEqualsWithDelta($count, $tied[$word], 1e-6, $what.': '.$word);
        }
        $cut = [];
        foreach ($acts->all as $act) {
            foreach ($act->care->cords as $cord) {
                $cut[] = $cord->id;
                self::assertTrue(
                    $act->spot->sizes['length']->equals($plan->sheet->cutOf($cord)->length),
                    $what.': '.$cord->id,
                );
            }
        }
        self::assertAgrees($plan, $what);
        $all = array_map(static fn ($cord): string => $cord->id, $plan->sheet->cords);
        sort($all);
        sort($cut);
        self::assertSame($all, $cut, $what.': each cord is cut once');
        self::assertSame(\count($all), array_sum(array_map(static fn ($one): int => $one->count, $plan->cuts)));
    }

    /**
     * Cut and ledger agree: what the acts take of both ends of a cord, and what is held, is what its cut says; with
     * margin and rounding it is the length that is cut.
     */
    private static function assertAgrees(Plan $plan, string $what): void
    {
        $taken = [];
        foreach ($plan->acts()->all as $act) {
            foreach ($act->stint->takes as $spent) {
                $taken[$spent->end->id] = ($taken[$spent->end->id] ?? 0.0) + $spent->total();
            }
        }
        foreach ($plan->sheet->cords as $cord) {
            $cut = $plan->sheet->cutOf($cord);
            $used = 0.0;
            foreach ($cord->ends() as $end) {
                self::assertEqualsWithDelta($taken[$end->id] ?? 0.0, $end->taken(), 1e-6, $what.': '.$end->id);
                self::assertEqualsWithDelta(
                    $end->taken() + $end->held,
                    $end->ledger->expected(),
                    1e-6,
                    $what.': '.$end->id,
                );
                $used += $end->taken() + $end->held;
            }
            $part = static fn (string ...$names): float => array_sum(array_map(
                static fn (string $name): float => $cut->part($name)->millimetres,
                $names,
            ));
            // Of cords that are cut alike, each takes within a hair the same.
            self::assertEqualsWithDelta(
                $used,
                $part('straight', 'knots', 'closure', 'ends'),
                0.01,
                $what.': '.$cord->id,
            );
            self::assertEqualsWithDelta(
                $cut->length->millimetres,
                $part('straight', 'knots', 'closure', 'ends', 'margin', 'rounding'),
                1e-6,
                $what.': '.$cord->id,
            );
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
        foreach ($plan->draft->elements() as $element) {
            $rounds = array_filter($element->beside, static fn ($bead): bool => Lane::Core === $bead->seat->lane);
            $isHeld = 'multi-row' === $plan->draft->construction->id() && Lane::Strand === $element->seat->lane;
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
     * @return list<Act>
     */
    private static function body(Plan $plan): array
    {
        return array_values(array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => Part::Body === $act->part && [] !== $act->stint->ties(),
        ));
    }
}
