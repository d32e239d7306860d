<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Finished;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

final class FinishedTest extends TestCase
{
    /**
     * A maker whose hand is known to the test ties a piece that was planned without knowing her: what comes of it tells
     * her hand, and the next plan is right.
     */
    public function testAPieceTellsItsMakersHand(): void
    {
        foreach ([[-0.10, 0.02], [0.08, -0.03], [0.0, 0.0]] as [$shorter, $more]) {
            $wish = Examples::piece(['tension' => null, 'closure' => ['kind' => 'square-slider']]);
            $plan = (new Planner())->plan($wish);
            $bare = new Finished($wish, $plan);
            self::assertSame('square', $bare->kind());
            $n = $bare->planned();
            $working = $plan->cuts[1];
            self::assertSame('working', $working->role);
            $mine = array_values(
                array_filter(
                    $plan->draft->setting->elements,
                    static fn (Element $one): bool => 'square' === $one->word(),
                ),
            );
            $knotted = $n * $mine[0]->extent->length->millimetres;
            $body = Length::ofMillimetres($plan->draft->body()->millimetres + $knotted * (exp($shorter) - 1));
            $knots = $working->part('knots')->millimetres;
            $left = $working->length->minus($working->part('straight'))->minus($working->part('closure'))
                ->minus(Length::ofMillimetres($knots * exp($more)));
            $finished = new Finished($wish, $plan, $body, null, ['working' => $left]);
            $told = $finished->observations('one');
            self::assertCount(2, $told);
            self::assertEqualsWithDelta($shorter, $told[0]->pitch, 0.002);
            self::assertEqualsWithDelta($more, $told[1]->use, 0.002);

            $hand = new Hand($told);
            $next = (new Planner(hand: static fn (): Hand => $hand))->plan($wish);
            if ($shorter < 0) {
                self::assertGreaterThan($n, (new Finished($wish, $next))->planned(), 'shorter knots: more of them');
            }
            self::assertLessThan($working->margin->percent, $next->cuts[1]->margin->percent, 'and less margin');
        }
    }

    /**
     * Knots in the cord itself, which is not folded.
     */
    public function testBarrelsInTheirOwnCordTellToo(): void
    {
        $plan = Examples::planOf('spaced-knots');
        $wish = $plan->draft->piece->decided();
        $cut = $plan->cuts[0];
        $knotted = array_sum(array_map(
            static fn (Element $one): float => $one->takes['cord']->knots->millimetres ?? 0.0,
            $plan->draft->setting->elements,
        ));
        $left = $cut->length->minus($cut->part('straight'))->minus($cut->part('closure'))
            ->minus(Length::ofMillimetres($cut->part('knots')->millimetres + $knotted * (exp(0.05) - 1)));
        $told = (new Finished($wish, $plan, null, null, [$cut->role => $left]))->observations('one');
        self::assertCount(1, $told);
        self::assertSame('barrel', $told[0]->kind);
        self::assertEqualsWithDelta(0.05, $told[0]->use, 0.004);
    }

    public function testWhatNobodyMeasuredTellsNothing(): void
    {
        $wish = Examples::piece();
        self::assertSame([], (new Finished($wish, (new Planner())->plan($wish)))->observations('x'));
        $beads = Examples::planOf('strung-beads');
        $finished = new Finished(
            $beads->draft->piece->decided(),
            $beads,
            Length::ofMillimetres(200),
            3,
            ['cord' => Length::ofMillimetres(80)],
        );
        self::assertContainsOnlyInstancesOf(Observation::class, $finished->observations('x'));
    }
}
