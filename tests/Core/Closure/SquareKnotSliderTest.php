<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\SquareKnotSlider;
use Rinkel\Core\Knot\SquareKnot;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class SquareKnotSliderTest extends TestCase
{
    #[DataProvider('provideSizes')]
    public function testTheRangeAndTheTailAreInverse(float $slider, float $tail): void
    {
        $forth = SquareKnotSlider::withTails(Length::ofMillimetres($slider), Length::ofMillimetres($tail));
        $back = SquareKnotSlider::openingTo($forth->length, $forth->openGap());

        self::assertEqualsWithDelta($tail, $back->tail->millimetres, 1e-9);
        self::assertEqualsWithDelta(2 * $tail - $slider, $forth->openGap()->millimetres, 1e-9);
    }

    /**
     * Moves the right end away from the left in small steps, the slider staying where tails allow, until both stops
     * hold.
     */
    #[DataProvider('provideSizes')]
    public function testMovingTheKnotsStepByStepFindsTheSameRange(float $slider, float $tail): void
    {
        [$narrowest, $widest] = [\INF, 0.0];
        for ($gap = 0; $gap < 3 * $tail; ++$gap) {
            // The slider's left edge can lie where neither body end nor stop knot is inside it.
            $lowest = max(0, $gap - $tail);
            $highest = min($gap - $slider, $tail - $slider);
            if ($lowest <= $highest) {
                $narrowest = min($narrowest, $gap);
                $widest = max($widest, $gap);
            }
        }
        $closure = SquareKnotSlider::withTails(Length::ofMillimetres($slider), Length::ofMillimetres($tail));

        self::assertEqualsWithDelta($closure->closedGap()->millimetres, $narrowest, 1.0);
        self::assertEqualsWithDelta($closure->openGap()->millimetres, $widest, 1.0);
    }

    /**
     * @return iterable<string, array{float, float}>
     */
    public static function provideSizes(): iterable
    {
        yield 'usual' => [11, 40];
        yield 'long tails' => [11, 90];
        yield 'long slider' => [30, 35];
        yield 'no room at all' => [20, 20];
    }

    public function testATailIsNeverShorterThanItsSlider(): void
    {
        $slider = SquareKnotSlider::withTails(Length::ofMillimetres(12), Length::ofMillimetres(5));

        self::assertTrue($slider->tail->equals($slider->length));
        self::assertTrue($slider->openGap()->equals($slider->closedGap()));
    }

    /**
     * Common practice: from 6 in of cord, two square knots and tails to hold; from 50 cm, five. Over four 0.8 mm cores.
     */
    public function testSliderCordsInUseSuffice(): void
    {
        $cord = new Cord(Fibre::Polyester, Length::ofMillimetres(0.8), Colour::parse('#000000'));
        $knot = (new SquareKnot())->tied(new Bundle($cord->thickness, 4), $cord, Tension::Even);
        $left = static fn (Length $cut, int $knots): float => $cut->minus($knot->use->times(2 * $knots))->times(0.5)->millimetres;

        self::assertGreaterThan(40, $left(Length::ofInches(6), 2), 'to hold at each end');
        self::assertGreaterThan(75, $left(Length::ofCentimetres(50), 5), 'to hold at each end');
        self::assertLessThan(40, $left(Length::ofInches(6), 4), 'four would not leave enough of 6 in');
    }
}
