<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How rows of beads are made.
 */
final class RowsWayTest extends TestCase
{
    public function testEveryCoreIsStrungBeforeTheFirstKnotAndTheMiddleBeadComesLast(): void
    {
        $plan = Examples::planOf('multi-row');

        self::assertSame(
            ['string-all', 'string-all', 'string-all', 'tie', 'rows', 'last-middle', 'tie'],
            Sheets::keys($plan, Part::Body),
        );
        $rows = Sheets::act($plan, 'rows');
        self::assertSame([3, 1], [Sheets::said($rows, 'rows'), Sheets::said($rows, 'hitches')]);
        self::assertCount(6, $rows->stint->moves, 'three beads, what holds them, and a hitch on either side');
        self::assertSame(Sheets::said($rows, 'count'), intdiv($rows->stint->count, 6));
        self::assertSame([], $rows->stint->things, 'they are strung by now');
        self::assertCount(intdiv($rows->stint->count, 6), Sheets::act($plan, 'string-all')->stint->things);
    }
}
