<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\StrungBead;

final class MoveTest extends TestCase
{
    public function testAMoveIsAKnotItsHalfABeadOrADeed(): void
    {
        self::assertSame(['square', 1.0], [Move::knot('square')->knot, Move::knot('square')->share]);
        self::assertSame(
            [0.5, Side::Left],
            [Move::half('square', Side::Left)->share, Move::half('square', Side::Left)->side],
        );
        self::assertSame('moon', Move::bead(new StrungBead('moon'))->bead?->name);
        self::assertSame(Move::deed(), Move::deed());
        self::assertNull(Move::deed()->knot);
    }

    public function testMovesAreToldApart(): void
    {
        $told = array_map(static fn (Move $move): string => $move->told(), [
            Move::knot('square'), Move::half('square', Side::Left), Move::half('square', Side::Right),
            Move::bead(new StrungBead('moon')), Move::bead(new StrungBead('moon', letter: 'A')),
            Move::bead(new StrungBead('moon', strand: 2)),
        ]);

        self::assertSame($told, array_unique($told));
    }
}
