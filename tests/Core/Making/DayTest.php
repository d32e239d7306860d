<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\Day;
use Rinkel\Core\Making\Order;
use Rinkel\Tests\Core\Chance;

final class DayTest extends TestCase
{
    /**
     * Ends found by exhaustive search.
     *
     * @return iterable<string, array{list<list<array{int, int}>>, int, int}>
     */
    public static function provideCases(): iterable
    {
        $file = \dirname(__DIR__, 2).'/reference/day.json';
        /** @var array{cases: list<array{pieces: list<list<array{int, int}>>, end: int, hands: int}>} $known */
        $known = json_decode((string) file_get_contents($file), true, 16, \JSON_THROW_ON_ERROR);
        foreach ($known['cases'] as $i => $case) {
            yield 'case '.$i => [$case['pieces'], $case['end'], $case['hands']];
        }
    }

    /**
     * @param list<list<array{int, int}>> $pieces
     */
    #[DataProvider('provideCases')]
    public function testTheOrderThatEndsEarliest(array $pieces, int $end, int $hands): void
    {
        $order = Day::of($pieces);
        self::assertSame($end, $order->end);
        self::assertSame($hands, $order->hands);
        self::assertTrue($order->isProven());
        self::assertWorks($pieces, $order);
    }

    public function testTenPiecesAreProven(): void
    {
        $chance = new Chance(77);
        for ($i = 0; $i < 12; ++$i) {
            $pieces = array_map(static fn (): array => array_map(
                static fn (): array => [$chance->whole(5, 90), $chance->of([0, 0, 1, 15, 30, 60, 120, 240])],
                range(1, $chance->whole(1, 4)),
            ), range(1, 10));
            $order = Day::of($pieces);
            self::assertWorks($pieces, $order);
            self::assertTrue($order->isProven(), $chance.', day '.$i);
        }
    }

    /**
     * A day that cannot be searched whole is still an order, with what is proven of it: never better than what is told.
     */
    public function testALongDayHasAProvenGap(): void
    {
        $chance = new Chance(5);
        $pieces = array_map(static fn (): array => array_map(
            static fn (): array => [$chance->whole(1, 9), $chance->of([20, 45, 95])],
            range(1, 5),
        ), range(1, 16));
        $order = Day::of($pieces);
        self::assertWorks($pieces, $order);
        self::assertLessThanOrEqual($order->end, $order->least);
        self::assertGreaterThan(0, $order->least);
    }

    public function testNothingToDoIsDone(): void
    {
        self::assertSame(0, Day::of([])->end);
        self::assertSame([], Day::of([[]])->stretches);
    }

    /**
     * Every stretch once, in its order, one at a time, none before its wait is over.
     *
     * @param list<list<array{int, int}>> $pieces
     */
    private static function assertWorks(array $pieces, Order $order): void
    {
        $next = $free = array_fill(0, \count($pieces), 0);
        $time = 0;
        foreach ($order->stretches as $stretch) {
            self::assertSame($next[$stretch->piece]++, $stretch->number);
            [$hands, $wait] = $pieces[$stretch->piece][$stretch->number];
            self::assertGreaterThanOrEqual($time, $stretch->from);
            self::assertGreaterThanOrEqual($free[$stretch->piece], $stretch->from);
            self::assertSame($stretch->from + $hands, $stretch->until);
            self::assertSame($stretch->until + $wait, $stretch->waits);
            $time = $stretch->until;
            $free[$stretch->piece] = $stretch->waits;
        }
        self::assertSame(array_map(count(...), $pieces), $next);
        self::assertSame(max([0, ...$free]), $order->end);
    }
}
