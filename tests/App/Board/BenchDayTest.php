<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Board;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Board\BenchDay;
use Rinkel\Core\Making\DayStretch;
use Rinkel\Core\Making\Order;

final class BenchDayTest extends TestCase
{
    /**
     * Ten minutes of work, a wait for glue, and ten minutes more: long waits are said in hours.
     */
    #[DataProvider('provideWaits')]
    public function testWhatIsIdleIsBetweenTheWork(int $waits, int $hours): void
    {
        $day = new BenchDay([], [], [], Order::from([
            new DayStretch(1, 0, 0, 10, 10 + $waits),
            new DayStretch(1, 1, 10 + $waits, 20 + $waits, 20 + $waits),
        ], 20 + $waits), new \DateTimeImmutable('2026-05-04 10:00'));

        self::assertSame([$waits, $hours], [$day->idle(), $day->idleHours()]);
    }

    /**
     * @return iterable<string, array{int, int}>
     */
    public static function provideWaits(): iterable
    {
        yield 'none' => [0, 0];
        yield 'just under two hours' => [119, 0];
        yield 'two hours' => [120, 2];
        yield 'a little less than two days' => [2820, 47];
    }
}
