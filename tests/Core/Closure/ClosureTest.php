<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\Core\Line\LineSetter;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Examples;

/**
 * Closures as they come out in whole plans: given the body they find tails, given tails they find the range.
 */
final class ClosureTest extends ClosureCase
{
    #[DataProvider('provideSliding')]
    public function testTailsFoundFromTheHandGiveThatRangeBack(string $kind): void
    {
        $found = self::closed($kind);
        $tail = $found->draft->fastened->span->tail;
        self::assertNotNull($tail);
        $given = self::closed(
            $kind,
            ['closure.tail' => (string) $tail, 'pattern' => '1 square x '.$found->draft->setting->counts[0]],
        );

        self::assertEqualsWithDelta($found->draft->open()->millimetres, $given->draft->open()->millimetres, 0.05);
        self::assertEqualsWithDelta($found->draft->closed()->millimetres, $given->draft->closed()->millimetres, 0.05);
        self::assertNull(Examples::check($found, 'cannot-open'));
        self::assertNull(Examples::check($found, 'band-too-long'));
        // A body under a bead is worn as it lies shut, with the room that was chosen; others are drawn in to the skin.
        $skin = Length::ofMillimetres('slide-bead' === $kind ? 172.7 : 160);
        self::assertFalse(
            $found->draft->closed()->isLongerThan($skin->plus(LineSetter::tolerance($skin))),
            'it closes as far as is wished, but for what nobody notices',
        );
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
        $tail = $fastened->span->tail->millimetres ?? 0.0;
        $knot = $fastened->span->length->millimetres ?? 0.0;
        $short = $fastened->span->narrow->millimetres - $knot;
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

        self::assertEqualsWithDelta($fastened->span->narrow->millimetres, $narrow, 0.1);
        self::assertEqualsWithDelta($fastened->span->wide->millimetres, $wide, 0.1);
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
}
