<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Tool;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

final class SlideTrialTest extends TestCase
{
    public function testTailsCrossAsFarAsItIsShut(): void
    {
        $plan = Examples::plan();
        $cross = Sheets::act($plan, 'cross-tails');

        self::assertSame(ActKind::Pass, $cross->does);
        self::assertEqualsWithDelta(
            $plan->draft->fastened->span->narrow->millimetres,
            $cross->spot->sizes['distance']->millimetres,
            1e-9,
            'no bare cord lies at its ends',
        );
        self::assertSame([Tool::Clip], $cross->advice->tools);
    }

    public function testItIsTriedOverTheHand(): void
    {
        $plan = Examples::planOf('spaced-knots', ['closure.kind' => 'double-barrel']);
        $try = Sheets::act($plan, 'try-slider');

        self::assertSame(ActKind::Try, $try->does);
        self::assertEqualsWithDelta(
            $plan->draft->open()->millimetres,
            $try->spot->sizes['opens']->millimetres,
            1e-6,
        );
        self::assertSame(['look-glides'], Sheets::looks($try));
    }
}
