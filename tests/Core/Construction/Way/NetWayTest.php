<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How a net is made.
 */
final class NetWayTest extends TestCase
{
    public function testTheNetIsTriedOnItsStoneFromTheThirdRow(): void
    {
        $plan = Examples::planOf('netted-pouch');
        $body = Sheets::keys($plan, Part::Body);

        self::assertSame(['link-loops'], Sheets::keys($plan, Part::Mount));
        self::assertSame(
            ['net-row', 'net-row', 'net-row', 'try-stone', 'net-row', 'try-stone'],
            \array_slice($body, 0, 6),
        );
        self::assertSame(
            ['divide-net', 'leave-net', 'gather', 'gather', 'lock', 'lock-down', 'lock-over'],
            \array_slice($body, (int) array_search('divide-net', $body, true), 7),
        );
        self::assertSame(['braid', 'braid-knot', 'braid', 'braid-knot'], \array_slice($body, -4));
    }

    public function testNeighboursTakeTurnsFromRowToRow(): void
    {
        $rows = array_values(array_filter(
            Examples::planOf('netted-pouch')->acts()->all,
            static fn (Act $act): bool => 'net-row' === $act->said->key,
        ));

        self::assertSame(['first', 'next', 'own', 'next'], array_map(
            static fn (Act $act): mixed => Sheets::said($act, 'pairs'),
            \array_slice($rows, 0, 4),
        ));
        self::assertSame(4, $rows[0]->stint->count, 'four cords, folded: four knots a row');
        self::assertSame(
            ['net-row 1'],
            Sheets::marks($rows[1]->spot->marks),
            'measured from the row before',
        );
    }

    public function testTheLockBeadTakesEveryEnd(): void
    {
        $plan = Examples::planOf('netted-pouch');
        $lock = Sheets::act($plan, 'lock');

        self::assertCount(8, $lock->grip->through);
        self::assertSame(['lock'], $lock->stint->things);
        self::assertSame(
            ['mesh.1.a', 'mesh.2.a', 'mesh.3.a', 'mesh.4.a'],
            Sheets::ends(Sheets::act($plan, 'gather')->grip->by),
        );
        self::assertNull(
            array_values(array_filter(
                $plan->acts()->all,
                static fn (Act $act): bool => 'gather' === $act->said->key,
            ))[1]->stint->adds,
            'what the right side adds is counted once the bead is on',
        );
    }
}
