<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\Button;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActingEnd;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * An end with a button.
 */
final class ButtonTest extends TestCase
{
    public function testAllCordsGoThroughTheShankAndAreKnottedBehind(): void
    {
        $plan = Examples::plan(['closure.kind' => 'button-loop']);

        self::assertSame(['button', 'button-knot'], Sheets::keys($plan, Part::Button));
        $knot = Sheets::act($plan, 'button-knot');
        self::assertSame('overhand', $knot->stint->knot);
        self::assertCount(2, $knot->grip->by);
        self::assertSame(['button'], Sheets::act($plan, 'button')->stint->things);
    }

    public function testSquareKnotsHideBehindIt(): void
    {
        $plan = Examples::plan(['closure' => ['kind' => 'button-loop', 'behind' => 3]]);
        $behind = array_values(array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => Part::Button === $act->part && 'square' === $act->stint->knot,
        ));

        self::assertCount(1, $behind);
        self::assertSame([6, 3], [$behind[0]->stint->count, Sheets::said($behind[0], 'count')]);
        self::assertSame(ActingEnd::Both, $behind[0]->grip->acting);
    }
}
