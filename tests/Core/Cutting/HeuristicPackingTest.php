<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\HeuristicPacking;

final class HeuristicPackingTest extends TestCase
{
    public function testPiecesAreFilledAsFullAsTheyCanBe(): void
    {
        // 7 + 3 and 6 + 4 fill both; longest first alone would leave one short.
        [$sum, $filled] = HeuristicPacking::of([7, 6, 4, 3], [1, 1, 1, 1], [10, 10], 20);

        self::assertSame(20, $sum);
        self::assertSame([10, 10], array_map(
            static fn (array $counts): int => 7 * $counts[0] + 6 * $counts[1] + 4 * $counts[2] + 3 * $counts[3],
            $filled,
        ));
    }

    public function testItIsTheSameEveryTime(): void
    {
        $fill = static fn (): array => HeuristicPacking::of([9, 7, 5, 3], [3, 4, 2, 6], [17, 23, 11], 51);

        self::assertSame($fill(), $fill());
        self::assertLessThanOrEqual(51, $fill()[0]);
    }

    public function testWhatEachPieceHoldsAloneIsNeverLess(): void
    {
        self::assertSame([9, 4, 0], HeuristicPacking::alone([5, 4], [1, 1], [9, 4, 3]));
    }
}
