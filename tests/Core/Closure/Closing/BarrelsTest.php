<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * Acts of barrels that slide.
 */
final class BarrelsTest extends TestCase
{
    public function testEachTailWindsAroundTheOther(): void
    {
        $plan = Examples::planOf('spaced-knots', ['closure.kind' => 'double-barrel']);

        self::assertSame(
            ['cross-tails', 'sliding-barrel', 'sliding-barrel', 'try-slider'],
            Sheets::keys($plan, Part::Slider),
        );
        $one = Sheets::act($plan, 'sliding-barrel');
        self::assertSame(ActKind::Wind, $one->does);
        self::assertCount(1, $one->grip->by);
        self::assertCount(1, $one->grip->around);
        self::assertNotSame($one->grip->by, $one->grip->around);
        self::assertSame(3, Sheets::said($one, 'turns'));
        self::assertSame('sliding barrel', $one->advice->lesson);
        self::assertSame([], Sheets::keys($plan, Part::Stop), 'two barrels hold each other');
    }

    public function testASingleOneNeedsAStopOnTheOtherTail(): void
    {
        $plan = Examples::planOf('spaced-knots', ['closure.kind' => 'single-barrel']);

        self::assertSame(['cross-tails', 'sliding-barrel', 'try-slider'], Sheets::keys($plan, Part::Slider));
        self::assertSame(['stop'], Sheets::keys($plan, Part::Stop));
        self::assertLessThan(Sheets::at($plan, 'stop'), Sheets::at($plan, 'sliding-barrel'));
    }

    public function testASpacedOneIsTold(): void
    {
        $plan = Examples::planOf('spaced-knots', ['closure' => ['kind' => 'single-barrel', 'spaced' => true]]);

        self::assertContains('sliding-spaced', Sheets::keys($plan, Part::Slider));
    }

    public function testTailsKeepWhatTheirMakerLeavesBeyondTheKnot(): void
    {
        $tight = Examples::planOf('spaced-knots', ['closure.kind' => 'double-barrel']);
        $loose = Examples::planOf('spaced-knots', [
            'closure.kind' => 'double-barrel', 'habits.tailEnd' => '150 mm',
        ]);

        self::assertTrue($loose->cuts[0]->length->isLongerThan($tight->cuts[0]->length));
    }
}
