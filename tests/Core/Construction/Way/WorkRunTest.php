<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Way\WorkRun;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Landmark;
use Rinkel\Tests\Core\Examples;

final class WorkRunTest extends TestCase
{
    public function testItGoesToTheRightOrToTheLeft(): void
    {
        $element = Examples::plan(['pattern' => '5 square'])->draft->setting->elements[0];
        $right = new WorkRun([$element, $element], Length::ofMillimetres(10), 3.0, 1);
        $left = new WorkRun([$element, $element], Length::ofMillimetres(10), 3.0, -1, 1);
        $long = 2 * $element->extent->length->millimetres;

        self::assertEqualsWithDelta($long, $right->length()->millimetres, 1e-9);
        self::assertEqualsWithDelta(10 + $long, $right->due()->millimetres, 1e-9);
        self::assertEqualsWithDelta([$long, -$long], [$right->along(), $left->along()], 1e-9);
        self::assertSame([false, true, 2], [$right->grows(), $left->grows(), $right->count()]);
        self::assertSame(['square', 'square'], $right->map(static fn (Element $one): string => $one->word()));
    }

    public function testItsSpotIsWhereItIsMade(): void
    {
        $element = Examples::plan(['pattern' => '5 square'])->draft->setting->elements[0];
        $run = new WorkRun([$element], Length::ofMillimetres(10), 3.0, 1);
        [$from, $to] = [Landmark::of('mark'), Landmark::of('last-knot')];
        $spot = $run->spot([$from], [$to], ['body' => Length::ofMillimetres(9)]);

        self::assertSame([$run->from, 3.0, $run->along()], [$spot->from, $spot->at, $spot->along]);
        self::assertSame([[$from], [$to], ['body']], [$spot->marks, $spot->makes, array_keys($spot->sizes)]);
        self::assertSame([0.0, []], [$run->before([$from])->along, $run->before([$from])->makes], 'not all of it yet');
    }
}
