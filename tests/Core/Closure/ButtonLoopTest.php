<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\ButtonForm;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Examples;

final class ButtonLoopTest extends ClosureCase
{
    /**
     * Ways around by hand: a coin of 12 and 3 mm 30; a domed button as wide 25.7, a ball of 10 mm 31.4.
     */
    public function testTheWayAroundAButtonIsByItsForm(): void
    {
        $around = static fn (ButtonForm $form, float $across, float $edge): float => $form->around(
            Length::ofMillimetres($across),
            Length::ofMillimetres($edge),
        )->millimetres;

        self::assertEqualsWithDelta(30, $around(ButtonForm::Coin, 12, 3), 1e-9);
        self::assertEqualsWithDelta(25.7, $around(ButtonForm::Domed, 12, 3), 0.1);
        self::assertEqualsWithDelta(10 * \M_PI, $around(ButtonForm::Ball, 10, 3), 1e-6);
    }

    /**
     * Two loops of two cores: each core runs half of each, pi times its thickness more than inside, and is in three
     * overhands, before, between and behind them.
     */
    public function testEachOfTwoCoresGoesHalfAroundTheLoop(): void
    {
        $plan = self::closed('button-loop', ['closure.loops' => 2]);
        $knot = $plan->draft->book()->in(new Overhand(), $plan->draft->piece->cord('core')->cord, 2)->use->millimetres;
        $opening = ($plan->draft->fastened->span->length ?? Length::zero())->times(2)->millimetres;

        self::assertEqualsWithDelta(
            2 * ($opening + \M_PI) / 2 + 3 * $knot,
            $plan->sheet->cords[0]->a->closure,
            1e-6,
        );
    }

    public function testTheShankTakesAllThatIsFoldedThroughIt(): void
    {
        $button = static fn (string $shank): array => [
            'cords.core.count' => '4',
            'findings.disc' => ['kind' => 'button', 'length' => '14 mm', 'width' => '3 mm', 'inside' => $shank],
        ];

        self::assertNotNull(Examples::check(self::closed('button-loop', $button('2 mm')), 'shank-too-small'));
        self::assertNull(Examples::check(self::closed('button-loop', $button('2.6 mm')), 'shank-too-small'));
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
        self::assertEqualsWithDelta(34 * 1.06 / 2, $plan->draft->fastened->span->length->millimetres ?? 0.0, 1e-9);
        self::assertNull(Examples::check($plan, 'loop-too-small'));
    }

    public function testAKnottedLoopHasWholeKnotsAndIsNeverSmaller(): void
    {
        $bare = self::closed('button-loop')->draft->fastened;
        $knotted = self::closed('button-loop', ['closure.knotted' => true])->draft->fastened;
        $heads = $knotted->steps[0]->values['heads'];

        self::assertIsInt($heads);
        self::assertGreaterThan(0, $heads);
        self::assertFalse($knotted->span->length?->isShorterThan($bare->span->length ?? Length::zero()));
        $opening = ($knotted->span->length ?? Length::zero())->times(2)->millimetres;
        $working = Examples::plan(['closure' => ['kind' => 'button-loop', 'knotted' => true]])->cuts[1];
        self::assertSame('working', $working->role);
        self::assertEqualsWithDelta(
            $heads * $this->head()->use->millimetres,
            $working->part('closure')->millimetres,
            1e-6,
            'the working cord ties it',
        );
        // What it opens inside is pi times its width less than its middle.
        $head = $this->head()->pitch->millimetres;
        self::assertEqualsWithDelta($heads * $head - \M_PI * $this->head()->width->millimetres, $opening, 1e-6);
        self::assertLessThan(
            ($bare->span->length ?? Length::zero())->times(2)->millimetres + $head,
            $opening,
            'one knot fewer would be too few',
        );
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
        [$near, $far] = $plan->draft->fastened->span->sizes;

        self::assertGreaterThan(12.7, $far->minus($near)->millimetres);
        self::assertLessThan(25.4, $far->minus($near)->millimetres);
    }

    private function head(): TiedKnot
    {
        $piece = Examples::plan()->draft->piece;

        return $piece->knots()->around(
            new VerticalLarksHead(),
            $piece->cord('core')->bundle(),
            $piece->cord('working')->cord,
        );
    }
}
