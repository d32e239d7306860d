<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Cell;
use Rinkel\Core\Tight\Ends;
use Rinkel\Core\Tight\Rope;
use Rinkel\Core\Tight\Tangle;

final class TangleTest extends TestCase
{
    private const POINTS = [[0.0, 0.0, 0.0], [0.0, 0.0, 1.0], [0.0, 0.0, 2.0], [0.0, 0.0, 3.0]];

    public function testHowLongItsRopesAre(): void
    {
        $tangle = Tangle::of(
            [Rope::through(self::POINTS, Ends::Held), Rope::through(self::POINTS, Ends::Repeats)],
            cell: Cell::straight(4.5),
            rodsGiveWay: false,
        );

        self::assertEqualsWithDelta([3.0, 4.5], $tangle->lengths(), 1e-12);
        $moved = $tangle->moved([$tangle->ropes[1]], [], Cell::straight(5.0));
        self::assertEqualsWithDelta([5.0], $moved->lengths(), 1e-12);
        self::assertFalse($moved->rodsGiveWay);
    }

    public function testWhatRepeatsNeedsACell(): void
    {
        $this->expectExceptionMessage('What repeats needs a cell.');
        Tangle::of([Rope::through(self::POINTS, Ends::Repeats)]);
    }

    public function testNothingIsNoTangle(): void
    {
        $this->expectExceptionMessage('Without a rope');
        Tangle::of([]);
    }
}
