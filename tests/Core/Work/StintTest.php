<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\StrungBead;

final class StintTest extends TestCase
{
    public function testARoundIsGoneThroughUntilThereAreSoMany(): void
    {
        $stint = new Stint(
            [Move::half('square', Side::Left), Move::half('square', Side::Right), Move::bead(new StrungBead('moon'))],
            count: 7,
        );

        self::assertSame(
            [Side::Left, Side::Right, null, Side::Left],
            array_map(static fn (int $i): ?Side => $stint->move($i)->side, [0, 1, 2, 3]),
        );
        self::assertSame(['square' => 2.5], $stint->ties(), 'five halves');
        self::assertSame(['moon' => 2], $stint->beads());
    }

    public function testWithoutMovesItIsOneDeed(): void
    {
        self::assertSame([Move::deed()], (new Stint())->moves);
        self::assertSame([], (new Stint())->ties());
    }
}
