<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Kind\Slider;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * Acts of a slider of square knots.
 */
final class SlidingTest extends TestCase
{
    public function testTailsCrossBeforeTheSliderIsTiedAndStopsComeLast(): void
    {
        $plan = Examples::plan();

        self::assertSame(['cross-tails', 'slider'], Sheets::keys($plan, Part::Slider));
        self::assertSame(['stop', 'stop'], Sheets::keys($plan, Part::Stop));
        self::assertLessThan(Sheets::at($plan, 'stop'), Sheets::at($plan, 'slider'));
        $slider = Sheets::act($plan, 'slider');
        self::assertSame(8, $slider->stint->count, 'two halves of each of four square knots');
        self::assertCount(4, $slider->grip->around, 'both tails of either side run through it');
        self::assertSame('slider', $slider->grip->role);
    }

    public function testStopsComeFirstWhereTheirMakerTiesThemSo(): void
    {
        $plan = Examples::plan(['habits.stops' => 'first']);

        self::assertLessThan(Sheets::at($plan, 'slider'), Sheets::at($plan, 'stop'));
    }

    public function testItsEndsAreKnottedBehindItWhereTheyAreGlued(): void
    {
        $plain = Examples::planOf('spaced-knots', ['closure.kind' => 'square-slider']);
        $wished = Examples::planOf('spaced-knots', ['closure' => ['kind' => 'square-slider', 'glued' => true]]);

        self::assertSame(['cross-tails', 'slider', 'slider-behind'], Sheets::keys($plain, Part::Slider));
        self::assertSame(['cross-tails', 'slider'], Sheets::keys($wished, Part::Slider), 'glue on what it runs on');
        self::assertNotContains('slider-behind', Sheets::keys(Examples::plan(), Part::Slider), 'singed ends need none');
    }
}
