<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class CutListTest extends TestCase
{
    public function testTheCutsOfAPlainBand(): void
    {
        $plan = Examples::plan();
        [$core, $working, $slider] = $plan->cuts;

        self::assertSame(['core', 2, false], [$core->role, $core->count, $core->parting->folded]);
        self::assertSame(['working', 1, true], [$working->role, $working->count, $working->parting->folded]);
        self::assertSame(['slider', 1, true], [$slider->role, $slider->count, $slider->parting->folded]);
        // Common practice: cores a few inches longer than the band, plus what the ties need.
        $over = $core->length->minus($plan->draft->body())->minus(
            $plan->draft->fastened->span->tail?->times(2) ?? Length::zero(),
        );
        self::assertGreaterThan(50, $over->millimetres);
        self::assertLessThan(200, $over->millimetres);
        // Common practice: six times the band for each half. The cut has ends and margin on top.
        self::assertEqualsWithDelta(12.0, $working->part('knots')->ratioTo($plan->draft->body()), 0.6);
        self::assertEqualsWithDelta(
            $working->part('knots')->millimetres * 0.31,
            $working->part('margin')->millimetres,
            10,
        );
        self::assertEqualsWithDelta(150, $working->part('ends')->millimetres, 1e-9);
        self::assertEqualsWithDelta(12 * $plan->draft->body()->millimetres, self::value($plan, 'multiple'), 1e-9);
        self::assertEqualsWithDelta(5.5 * 200, self::value($plan, 'turns'), 1e-9);
    }

    public function testCordsOfOneKindAreAddedUp(): void
    {
        $totals = Examples::plan()->cordTotals();

        // Working cord and slider are the same cord, the two cores another.
        self::assertCount(2, $totals);
        self::assertSame(
            Length::sum(
                ...array_map(static fn (Cut $cut): Length => $cut->total(), Examples::plan()->cuts),
            )->millimetres,
            $totals[0][1]->plus($totals[1][1])->millimetres,
        );
    }

    private static function value(Plan $plan, string $figure): float
    {
        $value = $plan->figures()[$figure]->value;

        return $value instanceof Length ? $value->millimetres : (float) $value;
    }
}
