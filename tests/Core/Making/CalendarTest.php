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
