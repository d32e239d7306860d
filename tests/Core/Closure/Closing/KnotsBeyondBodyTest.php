<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;

/**
 * Square knots beyond the body.
 */
final class KnotsBeyondBodyTest extends TestCase
{
    public function testSquareKnotsBeyondTheBodyTakeBothWorkingEnds(): void
    {
        $plain = Examples::plan(['closure.kind' => 'button-loop']);
        $hidden = Examples::plan(['closure' => ['kind' => 'button-loop', 'behind' => 2]]);
        $working = static fn (Plan $plan): float => $plan->cut('working')?->needed()->millimetres ?? 0.0;

        self::assertGreaterThan($working($plain), $working($hidden));
        $act = array_values(array_filter(
            $hidden->acts()->all,
            static fn (Act $act): bool => Part::Button === $act->part && 'square' === $act->stint->knot,
        ))[0];
        self::assertCount(2, $act->grip->by);
        self::assertCount(2, $act->grip->around);
        self::assertSame(
            [Side::Left, Side::Right, Side::Left],
            array_map(static fn (int $i): ?Side => $act->stint->move($i)->side, [0, 1, 2]),
            'sides take turns',
        );
    }
}
