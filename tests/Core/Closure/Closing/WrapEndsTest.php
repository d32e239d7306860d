<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\ActingEnd;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * Both ends of a wrap.
 */
final class WrapEndsTest extends TestCase
{
    public function testTheButtonBeginsAndTheLoopEnds(): void
    {
        $plan = Examples::planOf('bundled-wrap');

        self::assertSame(['button-at-mark', 'button-barrel'], Sheets::keys($plan, Part::Button));
        self::assertSame(['wrap-loop'], Sheets::keys($plan, Part::Loop));
        self::assertLessThan(Sheets::at($plan, 'wrap-loop'), Sheets::at($plan, 'button-barrel'));
        $loop = Sheets::act($plan, 'wrap-loop');
        self::assertSame(ActingEnd::Long, $loop->grip->acting);
        self::assertSame('long', Sheets::said($loop, 'with'));
        self::assertNotSame($loop->grip->by, $loop->grip->around);
    }

    public function testTheShortEndTiesTheLoopWhereItsMakerWorksSo(): void
    {
        $long = Sheets::act(Examples::planOf('bundled-wrap'), 'wrap-loop');
        $short = Sheets::act(Examples::planOf('bundled-wrap', ['habits.loopEnd' => 'short']), 'wrap-loop');

        self::assertSame([ActingEnd::Short, 'short'], [$short->grip->acting, Sheets::said($short, 'with')]);
        self::assertSame(Sheets::ends($long->grip->by), Sheets::ends($short->grip->around));
    }

    public function testTheLoopBeginsWhereTheButtonIsLast(): void
    {
        $plan = Examples::planOf('bundled-wrap', ['habits.button' => 'last']);

        self::assertSame(['wrap-loop-fold'], Sheets::keys($plan, Part::Loop));
        self::assertSame(['button-on-both', 'button-barrel'], Sheets::keys($plan, Part::Button));
        self::assertLessThan(Sheets::at($plan, 'button-on-both'), Sheets::at($plan, 'wrap-loop-fold'));
        self::assertSame(['mark'], Sheets::marks(Sheets::act($plan, 'wrap-loop-fold')->spot->marks));
    }

    public function testPlayIsLeftBetweenButtonAndKnot(): void
    {
        $plan = Examples::planOf('bundled-wrap', ['closure' => ['kind' => 'button-loop', 'play' => '3 mm']]);
        $knot = Sheets::act($plan, 'button-barrel');

        self::assertSame('yes', Sheets::said($knot, 'plays'));
        self::assertEqualsWithDelta(3.0, $knot->spot->sizes['distance']->millimetres, 1e-9);
        self::assertSame([], Sheets::act(Examples::planOf('bundled-wrap'), 'button-barrel')->spot->sizes);
    }
}
