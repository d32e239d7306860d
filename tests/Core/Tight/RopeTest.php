<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Cell;
use Rinkel\Core\Tight\Ends;
use Rinkel\Core\Tight\Rope;

final class RopeTest extends TestCase
{
    private const SQUARE = [[0.0, 0.0, 0.0], [1.0, 0.0, 0.0], [1.0, 1.0, 0.0], [0.0, 1.0, 0.0]];

    public function testHowLongItIsGoesByItsEnds(): void
    {
        $cell = Cell::straight(5.0);

        self::assertEqualsWithDelta(3.0, Rope::through(self::SQUARE, Ends::Held)->length($cell), 1e-12);
        self::assertEqualsWithDelta(4.0, Rope::through(self::SQUARE, Ends::Joined)->length($cell), 1e-12);
        self::assertEqualsWithDelta(
            3.0 + hypot(1.0, 5.0),
            Rope::through(self::SQUARE, Ends::Repeats)->length($cell),
            1e-12,
            'to the same bead of the next knot',
        );
    }

    public function testAnotherWayKeepsItsEndsAndItsThickness(): void
    {
        $rope = Rope::through(self::SQUARE, Ends::Joined, 0.7)->along(array_reverse(self::SQUARE));

        self::assertSame(Ends::Joined, $rope->ends);
        self::assertSame(0.7, $rope->diameter);
        self::assertSame(self::SQUARE[3], $rope->points[0]);
    }

    public function testThreeBeadsAreNoRope(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Rope::through(\array_slice(self::SQUARE, 1), Ends::Held);
    }

    public function testNothingThickIsNoRope(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Rope::through(self::SQUARE, Ends::Held, 0.0);
    }
}
