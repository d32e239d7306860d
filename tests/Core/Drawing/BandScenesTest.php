<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\BandScenes;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Tests\Core\Examples;

final class BandScenesTest extends TestCase
{
    public function testTheDrawnBandIsAsLongAsThePlannedOne(): void
    {
        $plan = Examples::plan(['core.count' => 3, 'working.thickness' => '1.3 mm']);
        $knots = self::knots((new BandScenes($plan))->flat()->placed);
        $last = $knots[\count($knots) - 1];

        self::assertCount($plan->squareKnots, $knots);
        self::assertSame(range(1, $plan->squareKnots), array_map(static fn (Placed $one): int => $one->number, $knots));
        self::assertEqualsWithDelta(0, $knots[0]->x, 1e-9);
        self::assertEqualsWithDelta($plan->body->millimetres, $last->x + $last->motif->length * $last->scale, 1e-6);
    }

    public function testTheStopsStandAtTheTailsEnds(): void
    {
        $plan = Examples::plan();
        [$left, $right] = (new BandScenes($plan))->flat()->stops;

        self::assertEqualsWithDelta(-$plan->slider->tail->millimetres, $left->x, 1e-9);
        self::assertEqualsWithDelta($plan->body->plus($plan->slider->tail)->millimetres, $right->x, 1e-9);
    }

    public function testPulledOpenBothStopsTouchTheSlider(): void
    {
        $plan = Examples::plan();
        $gap = $plan->slider->openGap()->millimetres;
        $scene = (new BandScenes($plan))->closure($gap);
        $slider = array_values(array_filter($scene->placed, static fn (Placed $one): bool => 'slider' === $one->motif->name));
        [$onLeftTail, $onRightTail] = $scene->stops;

        self::assertCount($plan->piece->sliderKnots, $slider);
        self::assertEqualsWithDelta($slider[0]->x, $onRightTail->x, 1e-9);
        self::assertEqualsWithDelta($slider[0]->x + $plan->slider->length->millimetres, $onLeftTail->x, 1e-9);
    }

    /**
     * @param list<Placed> $placed
     *
     * @return list<Placed>
     */
    private static function knots(array $placed): array
    {
        return array_values(array_filter($placed, static fn (Placed $one): bool => $one->number > 0));
    }
}
