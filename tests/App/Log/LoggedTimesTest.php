<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Log;

use Doctrine\DBAL\Connection;
use Rinkel\App\Log\LoggedTimes;
use Rinkel\App\Making\Makings;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Tests\App\WebCase;

/**
 * How long a piece takes by the log: the middle of all times, whatever one of them was.
 */
final class LoggedTimesTest extends WebCase
{
    public function testTheMiddleOfWhatTheLogSays(): void
    {
        $piece = $this->lay();
        $times = self::getContainer()->get(LoggedTimes::class);
        self::assertNull($times->minutesOf($piece));
        foreach ([[40, 40.0], [10, 25.0], [600, 40.0], [50, 45.0]] as [$minutes, $middle]) {
            $this->finished($piece, $minutes);
            self::assertSame($middle, $times->minutesOf($piece));
        }
        $this->finished($piece, null);
        self::assertSame(45.0, $times->minutesOf($piece), 'one of which nothing was said says nothing');
        self::assertNull($times->minutesOf($this->lay()), 'nor does another piece');
    }

    private function finished(StoredPiece $piece, ?int $minutes): void
    {
        $makings = self::getContainer()->get(Makings::class);
        $making = $makings->plan($piece);
        $uid = bin2hex(random_bytes(16));
        $making->make(new \DateTimeImmutable(), $uid);
        $makings->keep($making);
        self::getContainer()->get(Connection::class)->insert('log_entry', [
            'uid' => $uid,
            'document' => (string) json_encode(null === $minutes ? ['name' => 'x'] : ['minutes' => $minutes]),
            'finished_at' => '2026-11-30 10:00:00',
        ]);
    }
}
