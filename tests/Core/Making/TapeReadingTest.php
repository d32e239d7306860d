<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Making\Worked;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Examples;

final class TapeReadingTest extends TestCase
{
    public function testWhatCannotBeIsSaid(): void
    {
        $plan = Examples::plan();
        $acts = $plan->acts();
        $moves = intdiv($acts->before(\count($acts->all)), 2);
        $body = Worked::until($plan, $acts, $moves)->length();
        $key = static fn (TapeReading $reading, ?TapeReading $before = null): ?string => $reading
            ->impossible($plan, $acts, $before)?->key;

        self::assertNull($key(new TapeReading($moves, $body)));
        self::assertSame('reached-absurd', $key(new TapeReading($moves, $body->times(3))));
        self::assertSame('reached-absurd', $key(new TapeReading($moves, $body->times(0.3))));
        self::assertSame('reached-nothing', $key(new TapeReading(0, $body)));
        self::assertSame(
            'reached-longer',
            $key(new TapeReading($moves, null, 'working', Length::ofMillimetres(99_000))),
        );
        $before = new TapeReading($moves - 2, $body);
        self::assertSame(
            'reached-shorter',
            $key(new TapeReading($moves, $body->minus(Length::ofMillimetres(4))), $before),
        );
        self::assertNull(
            $key(new TapeReading($moves, $body->minus(Length::ofMillimetres(2))), $before),
            'a tape slips',
        );
    }

    public function testCordThatWasAddedIsThere(): void
    {
        $reading = new TapeReading(1, null, 'working', Length::ofMillimetres(300), Length::ofMillimetres(200));

        self::assertSame(500.0, $reading->has()?->millimetres);
        self::assertNull((new TapeReading(1))->has());
    }
}
