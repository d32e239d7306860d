<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Http\Guesses;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\Clock\MockClock;

final class GuessesTest extends TestCase
{
    public function testAfterTenWrongOnesNoMoreAreHeardForTenMinutes(): void
    {
        $clock = new MockClock('2026-05-04 10:00:00');
        $guesses = new Guesses(new ArrayAdapter(), $clock);
        for ($i = 1; $i < Guesses::MOST; ++$i) {
            $guesses->note('10.0.0.7');
        }
        self::assertFalse($guesses->areSpent('10.0.0.7'), 'nine');
        $guesses->note('10.0.0.7');
        self::assertTrue($guesses->areSpent('10.0.0.7'));
        self::assertFalse($guesses->areSpent('10.0.0.8'), 'of another');
        self::assertTrue($guesses->areSpent('10.0.0.7', 3));

        $clock->sleep(Guesses::WINDOW - 1);
        self::assertTrue($guesses->areSpent('10.0.0.7'));
        $clock->sleep(1);
        self::assertFalse($guesses->areSpent('10.0.0.7'));
    }

    public function testEachGuessLapsesByItself(): void
    {
        $clock = new MockClock('2026-05-04 10:00:00');
        $guesses = new Guesses(new ArrayAdapter(), $clock);
        $guesses->note('a');
        $clock->sleep(400);
        $guesses->note('a');
        $clock->sleep(300);

        self::assertTrue($guesses->areSpent('a', 1));
        self::assertFalse($guesses->areSpent('a', 2), 'the first is eleven minutes old');
    }
}
