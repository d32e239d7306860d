<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\Calendar;
use Rinkel\Tests\Core\Chance;

final class CalendarTest extends TestCase
{
    public function testWhatIsDueFirstIsDoneFirst(): void
    {
        $works = [[null, 30], [2, 100], [0, 50], [2, 20]];
        $calendar = Calendar::of($works, 60);
        self::assertSame([[0, 2, 50], [0, 1, 10], [1, 1, 60], [2, 1, 30], [2, 3, 20], [2, 0, 10], [3, 0, 20]], $calendar->stretches);
        self::assertSame([2 => 0, 1 => 2, 3 => 2, 0 => 3], $calendar->ends);
        self::assertSame([], $calendar->late($works));
        self::assertSame(4, $calendar->days);
    }

    public function testWhatIsLateSaysByHowMuch(): void
    {
        $works = [[-3, 10], [0, 100]];
        $calendar = Calendar::of($works, 60);
        self::assertSame([0 => 3, 1 => 1], $calendar->late($works));
        self::assertSame([], Calendar::of([], 60)->stretches);
    }

    public function testNothingIsBegunBeforeItsDay(): void
    {
        $works = [[1, 30, 2], [5, 90], [null, 20, 0]];
        $calendar = Calendar::of($works, 60);
        self::assertSame([[0, 1, 60], [1, 1, 30], [1, 2, 20], [2, 0, 30]], $calendar->stretches);
        self::assertSame([0 => 1], $calendar->late($works));
        self::assertSame(
            [Calendar::LONGEST],
            array_values(Calendar::of([[null, 30, 9999]], 60)->ends),
            'after the year',
        );
    }

    /**
     * What is due sooner and may be begun takes the day from what is due later (a flow through days and works, by hand:
     * a greatest lateness of L is possible where every span of days has room for what lies wholly in it).
     */
    public function testWithDaysToBeginNoOrderIsLateByLess(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $chance = new Chance($seed);
            $works = array_map(
                static fn (): array => [$chance->whole(0, 8), $chance->whole(5, 150), $chance->whole(0, 4)],
                range(1, 6),
            );
            $perDay = $chance->whole(30, 120);
            $late = max(0, ...array_values(Calendar::of($works, $perDay)->late($works)), ...[0]);
            self::assertTrue(self::fits($works, $perDay, $late), 'seed '.$seed);
            self::assertFalse($late > 0 && self::fits($works, $perDay, $late - 1), 'seed '.$seed);
        }
    }

    /**
     * Returns whether every span of days has room for the work that may not be done outside it, when all is late by so
     * many days at most.
     *
     * @param list<array{int, int, int}> $works
     */
    private static function fits(array $works, int $perDay, int $late): bool
    {
        for ($from = 0; $from < 6; ++$from) {
            for ($until = $from - 1; $until < 40; ++$until) {
                $inside = array_filter(
                    $works,
                    static fn (array $one): bool => $one[2] >= $from && $one[0] + $late <= $until,
                );
                if (array_sum(array_column($inside, 1)) > $perDay * max(0, $until - $from + 1)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * All is done, no day has more than there is, and no other order is late by less (all orders of five works).
     */
    public function testNoOrderIsLateByLess(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $chance = new Chance($seed);
            $works = array_map(
                static fn (): array => [$chance->whole(0, 6), $chance->whole(5, 150)],
                range(1, 5),
            );
            $perDay = $chance->whole(30, 120);
            $calendar = Calendar::of($works, $perDay);
            $byDay = $byWork = [];
            foreach ($calendar->stretches as [$day, $which, $minutes]) {
                $byDay[$day] = ($byDay[$day] ?? 0) + $minutes;
                $byWork[$which] = ($byWork[$which] ?? 0) + $minutes;
            }
            ksort($byWork);
            self::assertSame(array_column($works, 1), array_values($byWork));
            self::assertLessThanOrEqual($perDay, max(0, ...$byDay));
            $least = \PHP_INT_MAX;
            foreach (self::orders(range(0, 4)) as $order) {
                [$done, $worst] = [0, 0];
                foreach ($order as $which) {
                    $done += $works[$which][1];
                    $worst = max($worst, intdiv($done - 1, $perDay) - $works[$which][0]);
                }
                $least = min($least, $worst);
            }
            self::assertSame($least, max(0, ...array_values($calendar->late($works)), ...[0]), 'seed '.$seed);
        }
    }

    /**
     * @param list<int> $all
     *
     * @return iterable<list<int>>
     */
    private static function orders(array $all): iterable
    {
        if ([] === $all) {
            yield [];
        }
        foreach ($all as $i => $one) {
            foreach (self::orders(array_values(array_diff_key($all, [$i => 0]))) as $rest) {
                yield [$one, ...$rest];
            }
        }
    }
}
