<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

/**
 * Closures as they come out in whole plans: given the body they find tails, given tails they find the range.
 */
final class ClosureTest extends TestCase
{
    #[DataProvider('provideSliding')]
    public function testTailsFoundFromTheHandGiveThatRangeBack(string $kind): void
    {
        $found = self::closed($kind);
        $tail = $found->draft->fastened->tail;
        self::assertNotNull($tail);
        $given = self::closed(
            $kind,
            ['closure.tail' => (string) $tail, 'pattern' => '1 square x '.$found->draft->setting->counts[0]],
        );

        self::assertTrue($given->draft->open()->equals($found->draft->open()));
        self::assertTrue($given->draft->closed()->equals($found->draft->closed()));
        self::assertNull(Examples::check($found, 'cannot-open'));
        self::assertNull(Examples::check($found, 'band-too-long'));
        self::assertFalse($found->draft->closed()->isLongerThan(Length::ofMillimetres(160)), 'it closes to the skin');
        self::assertTrue($found->draft->open()->isLongerThan(Length::ofMillimetres(200)), 'and opens over the hand');
    }

    /**
     * Moves the body's ends apart in small steps and asks at each whether the parts can lie so without passing each
     * other.
     */
    #[DataProvider('provideSliding')]
    public function testMovingTheKnotsStepByStepFindsTheSameRange(string $kind): void
    {
        $fastened = self::closed($kind)->draft->fastened;
        $tail = $fastened->tail->millimetres ?? 0.0;
        $knot = $fastened->length->millimetres ?? 0.0;
        $short = $fastened->narrow->millimetres - $knot;
        [$narrow, $wide] = [\INF, 0.0];
        for ($gap = 0.0; $gap < 3 * $tail + 3 * $knot; $gap += 0.05) {
            $lies = match ($kind) {
                // Each knot sits at the end of its own tail and slides on the other one, between body and that tail's knot.
                'double-barrel' => $gap >= $tail + $knot && $gap <= 2 * $tail,
                // The knot at its short tail's end slides on the long one up to its stop.
                'single-barrel' => $gap >= $short + $knot && $gap - $short <= $tail,
                // The slider lies between both bodies, and neither tail's stop inside it.
                default => $gap >= $knot && max(0, $gap - $tail) <= min($gap, $tail) - $knot,
            };
            if ($lies) {
                [$narrow, $wide] = [min($narrow, $gap), max($wide, $gap)];
            }
        }

        self::assertEqualsWithDelta($fastened->narrow->millimetres, $narrow, 0.1);
        self::assertEqualsWithDelta($fastened->wide->millimetres, $wide, 0.1);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideSliding(): iterable
    {
        foreach (['square-slider', 'double-barrel', 'single-barrel', 'slide-bead'] as $kind) {
            yield $kind => [$kind];
        }
    }

    public function testABodyWithTwoBarrelsIsShorterThanTheWristByAboutATail(): void
    {
        $draft = self::closed('double-barrel')->draft;
        $laid = $draft->ring->atSkin();

        self::assertEqualsWithDelta(
            ($draft->fastened->tail->millimetres ?? 0.0) + ($draft->fastened->length->millimetres ?? 0.0),
            $laid->minus($draft->goal)->millimetres,
            2.79 / 2,
            'as the body comes in whole knots',
        );
    }

    public function testALoopGoesAroundItsButton(): void
    {
        $plan = self::closed(
            'button-loop',
            [
                'findings.disc' => ['kind' => 'button', 'length' => '14 mm', 'width' => '3 mm'],
                'closure.findings' => ['disc'],
            ],
        );
        // Around a button lying in the loop: twice its diameter and edge, 34 mm, and 6 % for firm cord; flat half of it.
        self::assertEqualsWithDelta(34 * 1.06 / 2, $plan->draft->fastened->length->millimetres ?? 0.0, 1e-9);
        self::assertNull(Examples::check($plan, 'loop-too-small'));
    }

    public function testAKnottedLoopHasWholeKnotsAndIsNeverSmaller(): void
    {
        $bare = self::closed('button-loop')->draft->fastened;
        $knotted = self::closed('button-loop', ['closure.knotted' => true])->draft->fastened;
        $heads = $knotted->steps[0]->values['heads'];

        self::assertIsInt($heads);
        self::assertGreaterThan(0, $heads);
        self::assertFalse($knotted->length?->isShorterThan($bare->length ?? Length::zero()));
        self::assertTrue($knotted->knots->isLongerThan($bare->knots));
    }

    /**
     * Common practice: a second loop gives a second size, half an inch to an inch apart.
     */
    public function testASecondLoopIsASecondSize(): void
    {
        $plan = self::closed(
            'button-loop',
            ['closure.loops' => 2, 'findings.disc' => ['kind' => 'button', 'length' => '10 mm', 'width' => '3 mm']],
        );
        [$near, $far] = $plan->draft->fastened->sizes;

        self::assertGreaterThan(12.7, $far->minus($near)->millimetres);
        self::assertLessThan(25.4, $far->minus($near)->millimetres);
    }

    /**
     * Common practice: clasp, rings and fold-over ends add about 1 1/2 in.
     */
    public function testAClaspAddsItsFindings(): void
    {
        self::assertEqualsWithDelta(38.1, self::closed('clasp')->draft->fastened->narrow->millimetres, 1e-9);
        $findings = [
            'hook' => ['kind' => 'clasp', 'length' => '12 mm'],
            'ring' => ['kind' => 'ring', 'length' => '5 mm'],
            'chain' => ['kind' => 'extender', 'length' => '40 mm'],
        ];
        $plan = self::closed('clasp', ['findings' => $findings, 'closure.findings' => ['hook', 'ring', 'chain']]);

        self::assertEqualsWithDelta(17, $plan->draft->fastened->narrow->millimetres, 1e-9);
        self::assertEqualsWithDelta(57, $plan->draft->fastened->wide->millimetres, 1e-9);
    }

    /**
     * Common practice: ties leave at least 2 in each side.
     */
    public function testTies(): void
    {
        self::assertGreaterThanOrEqual(50.8, self::closed('ties')->draft->fastened->tail->millimetres ?? 0.0);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function closed(string $kind, array $changes = []): Plan
    {
        return Examples::plan(['closure.kind' => $kind] + $changes);
    }
}
