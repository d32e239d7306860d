<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How a band of stacked pairs is made.
 */
final class StackedWayTest extends TestCase
{
    public function testPairsAreTiedOnMarkedAndTakeTurns(): void
    {
        $plan = Examples::planOf('stacked-band');

        self::assertSame(
            ['pin-core', 'pair-on', 'pair-on', 'mark-right', 'lay-pairs'],
            Sheets::keys($plan, Part::Mount),
        );
        self::assertSame(['first.1.b', 'second.1.b'], Sheets::ends(Sheets::act($plan, 'mark-right')->grip->by));
        $runs = array_values(array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => 'tie-down-until' === $act->said->key,
        ));
        self::assertGreaterThan(4, \count($runs));
        foreach ($runs as $i => $run) {
            self::assertSame(0 === $i % 2 ? 'first' : 'second', $run->grip->role, 'never the same twice');
        }
    }
}
