<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class ButtonLoopTest extends TestCase
{
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
     * @param array<string, mixed> $changes
     */
    private static function closed(string $kind, array $changes = []): Plan
    {
        return Examples::plan(['closure.kind' => $kind] + $changes);
    }
}
