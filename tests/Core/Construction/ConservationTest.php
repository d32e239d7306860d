<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\OnEnd;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

/**
 * Adds up anew, from the elements on the line, what the plan says of the whole: nothing is lost, nothing comes twice.
 */
final class ConservationTest extends TestCase
{
    #[DataProvider('providePlans')]
    public function testTheBodyIsItsElements(Plan $plan): void
    {
        $at = 0.0;
        foreach ($plan->draft->setting->starts() as $i => $start) {
            self::assertEqualsWithDelta($at, $start, 1e-6);
            $at += $plan->draft->setting->elements[$i]->extent->length->millimetres;
        }
        self::assertEqualsWithDelta($at, $plan->draft->body()->millimetres, 1e-6);
        self::assertEqualsWithDelta(
            $plan->draft->body()->minus($plan->draft->goal)->millimetres,
            $plan->draft->setting->over->millimetres,
            1e-6,
        );
        self::assertEqualsWithDelta(
            $plan->draft->ring->laid($plan->draft->closed())->millimetres,
            $plan->draft->body()->plus($plan->draft->fastened->span->narrow)->millimetres,
            1e-6,
            'body and closure make the ring',
        );
    }

    /**
     * Every cut is what its parts say; each end has what it is used for, and of each role the body takes as much as its
     * elements say, once for each end that does the same.
     */
    #[DataProvider('providePlans')]
    public function testCutsAreWhatIsTakenOfThem(Plan $plan): void
    {
        $body = [];
        foreach ($plan->sheet->cords as $cord) {
            $cut = $plan->sheet->cutOf($cord);
            foreach ($cord->ends() as $end) {
                $has = $cord->handling->oneWay
                    ? $cut->length->millimetres
                    : ($end === $cord->a ? $cut->parting->at : $cut->length->minus($cut->parting->at))->millimetres;
                self::assertGreaterThanOrEqual($end->taken() + $end->held - 1e-6, $has, $end->id);
                self::assertEqualsWithDelta($end->taken() + $end->held, $end->ledger->expected(), 1e-6, $end->id);
                $body[$cord->role] = ($body[$cord->role] ?? 0.0) + $end->straight + $end->knots;
            }
        }
        foreach ($plan->cuts as $cut) {
            self::assertEqualsWithDelta(
                $cut->length->millimetres,
                array_sum(array_map(static fn (Length $part): float => $part->millimetres, $cut->parts)),
                1e-6,
                $cut->role,
            );
            self::assertGreaterThanOrEqual(-1e-9, $cut->part('rounding')->millimetres);
            self::assertLessThan(
                $plan->draft->piece->unit->cutStep()->millimetres,
                $cut->part('rounding')->millimetres,
            );
        }
        $taken = [];
        foreach ($plan->draft->setting->elements as $element) {
            foreach ($element->takes as $lane => $take) {
                $role = \in_array($lane, ['long', 'short'], true) ? 'cord' : OnEnd::role((string) $lane);
                $taken[$role] = ($taken[$role] ?? 0.0) + $take->total()->millimetres;
            }
        }
        foreach ($taken as $role => $sum) {
            self::assertGreaterThanOrEqual(0.49 * $sum, $body[$role] ?? 0.0, $role.': nothing of the line is lost');
        }
    }

    /**
     * A cord that runs the whole piece takes at least its length; no element takes less of any cord than nothing.
     */
    #[DataProvider('providePlans')]
    public function testNoElementGivesCordBack(Plan $plan): void
    {
        foreach ($plan->draft->setting->elements as $element) {
            self::assertFalse($element->extent->length->isNegative(), $element->word());
            foreach ($element->takes as $role => $take) {
                self::assertFalse(
                    $take->straight->isNegative() || $take->knots->isNegative(),
                    $element->word().' of '.$role,
                );
            }
        }
        $total = array_sum(array_map(static fn (Cut $cut): float => $cut->total()->millimetres, $plan->cuts));
        self::assertEqualsWithDelta(
            $total,
            array_sum(array_map(static fn (array $one): float => $one[1]->millimetres, $plan->cordTotals())),
            1e-6,
        );
    }

    #[DataProvider('providePlans')]
    public function testBeadsAreCountedWhereTheyLie(Plan $plan): void
    {
        $counted = [];
        foreach ($plan->draft->elements() as $element) {
            foreach ([] === $element->beside ? [$element] : $element->beside as $part) {
                if (isset($plan->draft->piece->beads[$part->name]) && ($part->isBead() || ElementKind::Focal === $part->kind)) {
                    $counted[$part->name] = ($counted[$part->name] ?? 0) + 1;
                }
            }
        }
        foreach ($plan->draft->fastened->fittings->beads as $name => $count) {
            $counted[$name] = ($counted[$name] ?? 0) + $count;
        }
        ksort($counted);
        self::assertSame($counted, $plan->beads);
        foreach ($plan->neighbours() as $near) {
            $there = (new Planner())->plan(
                $plan->draft->piece->decided()->withPattern(
                    Pattern::parse($near->pattern, Unit::Millimetre, $plan->draft->piece->knownKnots()),
                ),
            );
            $beads = array_filter(
                $there->beads,
                static fn (string $name): bool => isset($there->draft->piece->beads[$name]),
                \ARRAY_FILTER_USE_KEY,
            );
            self::assertSame($near->beads, array_sum($beads), $near->pattern);
            self::assertEqualsWithDelta(
                $near->closed->millimetres,
                $there->draft->closed()->millimetres,
                0.1,
                'its lift is told from the piece beside it',
            );
        }
    }

    #[DataProvider('providePlans')]
    public function testTheUnitChangesNothingButTheRounding(Plan $plan): void
    {
        $other = (new Planner())->plan(
            $plan->draft->piece->decided()->withUnit($plan->draft->piece->unit->isImperial() ? Unit::Centimetre : Unit::Inch),
        );
        self::assertEqualsWithDelta($plan->draft->body()->millimetres, $other->draft->body()->millimetres, 1e-9);
        foreach ($plan->cuts as $i => $cut) {
            self::assertEqualsWithDelta($cut->needed()->millimetres, $other->cuts[$i]->needed()->millimetres, 1e-6);
            self::assertLessThan(12.8, abs($cut->length->minus($other->cuts[$i]->length)->millimetres));
        }
    }

    /**
     * The thickest told is the largest on the line, and what lifts is never less than nothing nor more than a ring that
     * is so thick all round.
     */
    #[DataProvider('providePlans')]
    public function testWhatIsThickLiftsTheRingAndNotTooMuch(Plan $plan): void
    {
        $thickest = max(
            [
                0.0,
                ...array_map(
                    static fn (Element $element): float => $element->extent->length->isZero() || $element->seat->hangs
                        ? 0.0
                        : $element->extent->thickness->millimetres,
                    $plan->draft->setting->elements,
                ),
            ],
        );

        $ring = $plan->draft->ring;
        $most = \M_PI * ($ring->profile->thick->millimetres - $ring->profile->thin->millimetres) * $ring->wraps;
        self::assertGreaterThanOrEqual($thickest - 1e-9, $ring->profile->thick->millimetres);
        self::assertGreaterThanOrEqual(0.0, $ring->lift($plan->draft->worn())->millimetres);
        self::assertLessThan($most + 3.0 * $ring->wraps, $ring->lift($plan->draft->worn())->millimetres);
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function providePlans(): iterable
    {
        foreach (Constructions::all()->ids() as $id) {
            yield $id => [Examples::planOf($id)];
            yield $id.' in wraps' => [
                Examples::planOf($id, ['wraps' => 2, 'wearer.upper' => '18 cm', 'wearer.upperAt' => '5 cm']),
            ];
        }
        foreach (Examples::shipped() as $name => $piece) {
            yield $name => [(new Planner())->plan($piece)];
        }
    }
}
