<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Act;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * Knots that end tails.
 */
final class StopsTest extends TestCase
{
    public function testOneStopIsTiedInEachSideOfAllItsCords(): void
    {
        $plan = Examples::plan();
        $stop = Sheets::act($plan, 'stop');

        self::assertCount(2, $stop->grip->by, 'two cores together');
        self::assertSame('together', $stop->advice->lesson);
        self::assertSame(['look-strands', 'look-place'], Sheets::looks($stop));
        self::assertSame(0, Sheets::said($stop, 'number'));
        self::assertEqualsWithDelta(
            $plan->draft->fastened->span->tail->millimetres ?? 0.0,
            $stop->spot->sizes['distance']->millimetres,
            1e-9,
        );
    }

    public function testEachCordHasItsOwnWhereThatIsSaid(): void
    {
        $plan = Examples::plan(['closure.tails' => 'own stops']);
        $stops = array_values(array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => 'stop' === $act->said->key,
        ));

        self::assertCount(4, $stops);
        self::assertSame([1, 2], [Sheets::said($stops[0], 'number'), Sheets::said($stops[1], 'number')]);
        self::assertCount(1, $stops[0]->grip->by);
        self::assertSame('overhand', $stops[0]->advice->lesson);
    }

    public function testAnotherKnotStopsWithItsTurns(): void
    {
        $stop = Sheets::act(Examples::planOf('spaced-knots', [
            'closure' => ['kind' => 'single-barrel', 'tails' => 'stop barrel 3'],
        ]), 'stop');

        self::assertSame(['barrel', 3], [Sheets::said($stop, 'knot'), Sheets::said($stop, 'turns')]);
        self::assertSame('barrel', $stop->advice->lesson);
    }
}
