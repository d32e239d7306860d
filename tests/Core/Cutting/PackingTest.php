<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Packing;
use Rinkel\Tests\Core\Chance;

final class PackingTest extends TestCase
{
    public function testCutsComeFromPiecesThatHoldThem(): void
    {
        [$filled, $sum, $most] = Packing::of([600, 400, 400, 300], [1000, 700]);

        self::assertSame([1700, 1700], [$sum, $most], 'all of it, and no way gives more');
        self::assertEqualsCanonicalizing([600, 400], $filled[0]);
        self::assertEqualsCanonicalizing([400, 300], $filled[1]);
    }

    public function testWhatFitsNowhereStaysAndNothingIsCutTwice(): void
    {
        self::assertSame([[[], [200]], 200, 200], Packing::of([900, 200], [150, 300]));
        self::assertSame([[[]], 0, 0], Packing::of([], [500]));
        self::assertSame([[], 0, 0], Packing::of([100], []));
    }

    /**
     * Against every way there is, tried one by one.
     */
    public function testNoOtherWayGetsMoreOutOfThem(): void
    {
        $chance = new Chance(2611);
        for ($i = 0; $i < 60; ++$i) {
            $cuts = array_map(static fn (): int => 10 * (int) $chance->between(3, 60), range(1, (int) $chance->between(2, 6)));
            $pieces = array_map(static fn (): int => 10 * (int) $chance->between(20, 110), range(1, (int) $chance->between(1, 4)));
            [$filled, $sum, $most] = Packing::of($cuts, $pieces);
            self::assertSame(self::best($cuts, $pieces), $sum, implode(' ', $cuts).' of '.implode(' ', $pieces));
            self::assertSame($sum, $most);
            self::assertSame($sum, array_sum(array_map(array_sum(...), $filled)));
            $left = $cuts;
            foreach ($filled as $piece => $of) {
                self::assertLessThanOrEqual($pieces[$piece], array_sum($of));
                foreach ($of as $cut) {
                    $at = array_search($cut, $left, true);
                    self::assertNotFalse($at, 'each is cut once');
                    unset($left[$at]);
                }
            }
        }
    }

    /**
     * @param list<int> $cuts
     * @param list<int> $pieces
     */
    private static function best(array $cuts, array $pieces): int
    {
        if ([] === $cuts) {
            return 0;
        }
        $cut = array_shift($cuts);
        $best = self::best($cuts, $pieces);
        foreach ($pieces as $i => $room) {
            if ($room >= $cut) {
                $best = max($best, $cut + self::best($cuts, array_values([$i => $room - $cut] + $pieces)));
            }
        }

        return $best;
    }
}
