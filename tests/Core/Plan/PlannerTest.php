<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Check;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Plan\Severity;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

final class PlannerTest extends TestCase
{
    public function testTheBandClosesToTheSkinAndOpensOverTheHand(): void
    {
        $plan = Examples::plan();

        self::assertLessThanOrEqual(160, $plan->closed->millimetres);
        self::assertGreaterThan(160 - $plan->knot->pitch->millimetres, $plan->closed->millimetres);
        self::assertEqualsWithDelta(200 + 6.35, $plan->open->millimetres, 1e-9);
        self::assertEqualsWithDelta(172.7, $plan->wished->millimetres, 1e-9);
        // Two cores side by side are 1 mm high, the working cord lies over and under: 3 mm, so the ring is 3 pi longer.
        self::assertEqualsWithDelta(3 * \M_PI, $plan->body->plus($plan->slider->closedGap())->minus($plan->closed)->millimetres, 1e-9);
    }

    public function testAComfortableTapeAddsNoEase(): void
    {
        $plan = Examples::plan(['wearer.measured' => 'comfortable', 'ease' => '30 mm']);

        self::assertEqualsWithDelta(160, $plan->wished->millimetres, 1e-9);
        self::assertTrue($plan->closed->isShorterThan($plan->wished));
    }

    public function testThePartsOfEveryCutAddUpToIt(): void
    {
        foreach (Examples::plan()->cuts as $cut) {
            self::assertEqualsWithDelta($cut->length->millimetres, Length::sum(...array_values($cut->parts))->millimetres, 1e-9, $cut->role);
        }
    }

    public function testTheCutsOfAPlainBand(): void
    {
        [$core, $working, $slider] = Examples::plan()->cuts;

        self::assertSame(['core', 2, false], [$core->role, $core->count, $core->folded]);
        self::assertSame(['working', 1, true], [$working->role, $working->count, $working->folded]);
        self::assertSame(['slider', 1, true], [$slider->role, $slider->count, $slider->folded]);
        $plan = Examples::plan();
        // Common practice: cores a few inches longer than the band, plus what the ties need.
        $over = $core->length->minus($plan->body)->minus($plan->slider->tail->times(2));
        self::assertGreaterThan(75, $over->millimetres);
        self::assertLessThan(250, $over->millimetres);
        // Common practice: six times the band for each half. The cut has ends and margin on top.
        self::assertEqualsWithDelta(12.0, $working->part('knots')->ratioTo($plan->body), 0.6);
        self::assertEqualsWithDelta($working->part('knots')->millimetres * 0.15, $working->part('margin')->millimetres, 1e-9);
        self::assertEqualsWithDelta(150, $working->part('ends')->millimetres, 1e-9);
        self::assertEqualsWithDelta(12 * $plan->body->millimetres, self::value($plan, 'multiple'), 1e-9);
    }

    public function testInchesAreCutToTheHalfInch(): void
    {
        foreach (Examples::plan(['unit' => 'in'])->cuts as $cut) {
            self::assertEqualsWithDelta(0, fmod($cut->length->millimetres + 1e-9, 12.7), 1e-6, $cut->role);
        }
    }

    /**
     * @param array<string, mixed> $triggering
     * @param array<string, mixed> $justNot
     */
    #[DataProvider('provideChecks')]
    public function testChecks(string $code, Severity $severity, array $triggering, array $justNot): void
    {
        $check = self::check(Examples::plan($triggering), $code);

        self::assertSame($severity, $check?->severity);
        self::assertNull(self::check(Examples::plan($justNot), $code));
    }

    /**
     * @return iterable<string, array{string, Severity, array<string, mixed>, array<string, mixed>}>
     */
    public static function provideChecks(): iterable
    {
        // Band of 1 mm cord: 2.79 mm a knot; inside = 2.79 n + 11.16 - 3 pi, wished 172.7: 61 knots fit, 62 do not.
        yield 'band too long' => ['band-too-long', Severity::Stop, ['band.squareKnots' => 62], ['band.squareKnots' => 61]];
        // 56 knots: open = 156.24 + 2 T - 11.16 - 3 pi: 200 needs T of 32.18.
        yield 'cannot open' => ['cannot-open', Severity::Stop, ['band.squareKnots' => 56, 'slider.tail' => '32 mm'], ['band.squareKnots' => 56, 'slider.tail' => '32.3 mm']];
        yield 'few slider knots' => ['slider-few-knots', Severity::Warn, ['slider.knots' => 3], ['slider.knots' => 4]];
        yield 'hand estimated' => ['hand-estimated', Severity::Hint, ['wearer.hand' => null], []];
        yield 'melting fibre' => ['finish-singe', Severity::Hint, ['working.fibre' => 'nylon'], ['working.fibre' => 'linen']];
        yield 'natural fibre' => ['finish-glue', Severity::Hint, ['working.fibre' => 'hemp'], ['working.fibre' => 'satin']];
        yield 'flame caution' => ['open-flame', Severity::Caution, [], ['working.fibre' => 'leather']];
        yield 'glue caution' => ['glue-fumes', Severity::Caution, ['working.fibre' => 'cotton'], []];
    }

    public function testSafetyIsAlwaysSaid(): void
    {
        self::assertNotNull(self::check(Examples::plan(), 'small-parts'));
        self::assertNotNull(self::check(Examples::plan(), 'slider-no-glue'));
    }

    public function testTheWorstCheckComesFirst(): void
    {
        $plan = Examples::plan(['slider.knots' => 2, 'slider.tail' => '15 mm', 'wearer.hand' => null]);
        $order = array_map(static fn (Check $check): int => (int) array_search($check->severity, Severity::cases(), true), $plan->checks);
        $sorted = $order;
        sort($sorted);

        self::assertSame($sorted, $order);
        self::assertSame(Severity::Stop, $plan->worst());
    }

    public function testRemediesSettleTheirChecks(): void
    {
        $tooLong = Examples::plan(['band.squareKnots' => 90]);
        $knots = self::check($tooLong, 'band-too-long')?->remedy?->value;
        self::assertIsInt($knots);
        self::assertNull(self::check((new Planner())->plan($tooLong->piece->withSquareKnots($knots)), 'band-too-long'));

        $tight = Examples::plan(['slider.tail' => '15 mm']);
        $tail = self::check($tight, 'cannot-open')?->remedy?->value;
        self::assertInstanceOf(Length::class, $tail);
        self::assertNull(self::check((new Planner())->plan($tight->piece->withTail($tail)), 'cannot-open'));

        $few = Examples::plan(['slider.knots' => 1]);
        $enough = self::check($few, 'slider-few-knots')?->remedy?->value;
        self::assertIsInt($enough);
        self::assertNull(self::check((new Planner())->plan($few->piece->withSliderKnots($enough)), 'slider-few-knots'));
    }

    public function testNeighboursSayWhatAFewKnotsMean(): void
    {
        $plan = Examples::plan();
        foreach ($plan->neighbours as $near) {
            $there = (new Planner())->plan($plan->piece->withSquareKnots($near->squareKnots));
            self::assertSame($plan->squareKnots + $near->difference, $near->squareKnots);
            self::assertTrue($near->closed->equals($there->closed));
        }
        self::assertSame(FitZone::TooTight, $plan->neighbours[0]->closedZone);
        self::assertCount(2, Examples::plan(['band.squareKnots' => 1])->neighbours, 'no knots, or fewer, are no neighbours');
    }

    public function testRandomPiecesKeepTheirPromises(): void
    {
        $chance = new Chance(1611);
        for ($i = 0; $i < 400; ++$i) {
            $piece = Examples::random($chance);
            $plan = (new Planner())->plan($piece);
            $told = $chance.', piece '.$i;
            self::assertEquals($plan, (new Planner())->plan($piece), $told);
            foreach ($plan->cuts as $cut) {
                self::assertEqualsWithDelta($cut->length->millimetres, Length::sum(...array_values($cut->parts))->millimetres, 1e-6, $told);
                self::assertSame([], array_filter($cut->parts, static fn (Length $part): bool => $part->isNegative()), $told);
            }
            self::assertFalse($plan->closed->isLongerThan($plan->open), $told);
            self::assertFalse($plan->wornGap()->isLongerThan($plan->slider->openGap()), $told);
            $wider = new Wearer($piece->wearer->wrist->plus(Length::ofMillimetres($chance->between(0.1, 15))), $piece->wearer->measured, $piece->wearer->hand);
            $longer = (new Planner())->plan($piece->withWearer($wider));
            self::assertFalse($longer->body->isShorterThan($plan->body), $told.': a longer wrist never gives a shorter band');
            self::assertFalse(self::cut($longer, 'working')->isShorterThan(self::cut($plan, 'working')), $told.': nor less cord');
            if (null === $piece->tail) {
                self::assertNull(self::check($plan, 'cannot-open'), $told.': tails of its own choice always open');
            }
        }
    }

    private static function cut(Plan $plan, string $role): Length
    {
        return array_values(array_filter($plan->cuts, static fn (Cut $cut): bool => $cut->role === $role))[0]->length;
    }

    private static function check(Plan $plan, string $code): ?Check
    {
        return array_values(array_filter($plan->checks, static fn (Check $check): bool => $check->code === $code))[0] ?? null;
    }

    private static function value(Plan $plan, string $figure): float
    {
        $value = $plan->figures[$figure]->value;

        return $value instanceof Length ? $value->millimetres : (float) $value;
    }
}
