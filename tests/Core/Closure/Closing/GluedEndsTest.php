<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\How;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * Ends that are glued.
 */
final class GluedEndsTest extends TestCase
{
    public function testButtedEndsAreGluedDriedTrimmedAndBoundOver(): void
    {
        $plan = Examples::planOf('rope-knot', ['closure.kind' => 'butted']);

        self::assertSame(['trim-legs', 'trim-legs', 'butt', 'cure', 'trim-lump'], Sheets::keys($plan, Part::Close));
        self::assertLessThan(Sheets::at($plan, 'bind-join'), Sheets::at($plan, 'trim-lump'), 'bound over once dry');
        self::assertSame(How::Glue, Sheets::act($plan, 'butt')->care->how);
        self::assertSame(['hidden'], array_values(array_unique(Sheets::act($plan, 'butt')->care->endsAs)));
        self::assertSame(['look-minute'], Sheets::looks(Sheets::act($plan, 'butt')));
    }

    public function testAMagnetHasAHalfForEachSide(): void
    {
        $plan = Examples::planOf('rope-knot', ['closure.kind' => 'magnetic']);
        $halves = array_values(array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => 'glue-in' === $act->said->key,
        ));

        self::assertSame(['start', 'finish'], array_map(
            static fn (Act $act): mixed => Sheets::said($act, 'side'),
            $halves,
        ));
        self::assertSame([['magnet'], []], array_map(static fn (Act $act): array => $act->stint->things, $halves));
        self::assertSame(['look-magnet'], Sheets::looks($halves[0]));
        self::assertLessThan(Sheets::at($plan, 'glue-in'), Sheets::at($plan, 'bind-legs'), 'bound before it is glued');
    }
}
