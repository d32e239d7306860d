<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\Day;
use Rinkel\Core\Making\DayStretch;
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
     * Against every order there is, each worked out minute by minute: none that keeps the pins ends earlier.
     */
    public function testPinsAreKeptAndTheRestEndsEarliest(): void
    {
        $chance = new Chance(31);
        for ($i = 0; $i < 60; ++$i) {
            $pieces = array_map(static fn (): array => array_map(
                static fn (): array => [$chance->whole(1, 12), $chance->of([0, 0, 3, 10, 20])],
                range(1, $chance->whole(1, 2)),
            ), range(1, 4));
            $pins = [$chance->whole(0, 3) => [0 => $chance->whole(0, 40)]];
            $order = Day::of($pieces, $pins);
            self::assertWorks($pieces, $order);
            self::assertTrue($order->isProven());
            self::assertSame(
                $pins[array_key_first($pins)][0],
                $order->stretches[self::of($order, array_key_first($pins))]->from,
            );
            self::assertSame(self::earliest($pieces, $pins), $order->end, $chance.', day '.$i);
        }
    }

    /**
     * Two pins to the same time cannot both be kept: the first is, the other follows it.
     */
    public function testPinsInEachOthersWayFollowOneAnother(): void
    {
        $order = Day::of([[[10, 0]], [[10, 0]], [[5, 0]]], [0 => [0 => 20], 1 => [0 => 20]]);
        self::assertSame([0, 20, 30], array_map(static fn (DayStretch $one): int => $one->from, $order->stretches));
        self::assertSame(40, $order->end);
    }

    /**
     * Where all ends as early either way hands are busy first, idle later.
     */
    public function testHandsAreNotIdleWhereTheyNeedNotBe(): void
    {
        $order = Day::of([[[17, 900], [1, 0]], [[27, 0]], [[27, 0]], [[28, 0]]], [0 => [0 => 75]]);
        self::assertSame([0, 27, 75, 92], array_map(
            static fn (DayStretch $one): int => $one->from,
            \array_slice($order->stretches, 0, 4),
        ));
        self::assertSame(993, $order->end);
    }

    /**
     * A pin before its wait is over is kept as soon as it can be.
     */
    public function testAPinWaitsForWhatIsBeforeIt(): void
    {
        $order = Day::of([[[10, 30], [5, 0]]], [0 => [1 => 20]]);
        self::assertSame(40, $order->stretches[1]->from);
    }

    private static function of(Order $order, int $piece): int
    {
        foreach ($order->stretches as $i => $stretch) {
            if ($stretch->piece === $piece) {
                return $i;
            }
        }
        self::fail('No such piece.');
    }

    /**
     * @param list<list<array{int, int}>> $pieces
     * @param array<int, array<int, int>> $pins   one, of a first stretch
     * @param list<int>|null              $next
     * @param array<int, int>             $free
     */
    private static function earliest(
        array $pieces,
        array $pins,
        ?array $next = null,
        array $free = [],
        int $time = 0,
    ): int {
        $next ??= array_fill(0, \count($pieces), 0);
        $pinned = array_key_first($pins) ?? 0;
        [$best, $isDone] = [\PHP_INT_MAX, true];
        foreach ($pieces as $piece => $chain) {
            $stretch = $chain[$next[$piece]] ?? null;
            if (null === $stretch) {
                continue;
            }
            $isDone = false;
            $isPin = $piece === $pinned && 0 === $next[$piece];
            $start = max($time, $free[$piece] ?? 0, $isPin ? $pins[$pinned][0] : 0);
            $end = $start + $stretch[0];
            if ($isPin ? $start > $pins[$pinned][0] : 0 === $next[$pinned] && $end > $pins[$pinned][0]) {
                continue; // the pin would not be kept
            }
            $then = array_values(array_replace($next, [$piece => $next[$piece] + 1]));
            $best = min(
                $best,
                self::earliest($pieces, $pins, $then, array_replace($free, [$piece => $end + $stretch[1]]), $end),
            );
        }

        return $isDone ? max([$time, ...$free]) : $best;
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
