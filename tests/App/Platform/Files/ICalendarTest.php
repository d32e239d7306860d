<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Files;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Files\ICalendar;

final class ICalendarTest extends TestCase
{
    /**
     * RFC 5545, 3.1: lines end with CRLF and have at most 75 octets; those that go on begin with a blank.
     */
    public function testLinesAreFoldedWithoutBreakingALetter(): void
    {
        $says = str_repeat('Käthes Armbänder ', 12);
        $calendar = new ICalendar(new \DateTimeImmutable('2026-05-04 10:00', new \DateTimeZone('Europe/Berlin')));
        $calendar->day('a@rinkel', new \DateTimeImmutable('2026-06-01'), $says, 'http://localhost/orders/1');
        $lines = explode("\r\n", $calendar->text());

        self::assertSame('', array_pop($lines), 'the last line ends, too');
        foreach ($lines as $line) {
            self::assertLessThanOrEqual(75, \strlen($line));
            self::assertTrue(mb_check_encoding($line, 'UTF-8'), $line);
        }
        self::assertStringContainsString('SUMMARY:'.$says, str_replace("\r\n ", '', $calendar->text()));
        self::assertGreaterThan(2, substr_count($calendar->text(), "\r\n "), 'it was folded');
    }

    /**
     * RFC 5545, 3.3.11: a backslash goes before a backslash, a semicolon and a comma; 3.3.5: UTC has a Z.
     */
    public function testAMomentIsInUtcAndItsWordsAreEscaped(): void
    {
        $calendar = new ICalendar(new \DateTimeImmutable('2026-05-04 08:00', new \DateTimeZone('UTC')));
        $at = new \DateTimeImmutable('2026-05-04 23:30', new \DateTimeZone('America/New_York'));
        $calendar->moment('b@rinkel', $at, "Blue, red; \\ and\nEND:VEVENT", 'http://localhost/');
        $text = $calendar->text();

        self::assertStringContainsString("DTSTART:20260505T033000Z\r\n", $text);
        self::assertStringContainsString("DTSTAMP:20260504T080000Z\r\n", $text);
        self::assertStringContainsString("SUMMARY:Blue\\, red\\; \\\\ and END:VEVENT\r\n", $text);
        self::assertSame(1, substr_count($text, "\r\nEND:VEVENT"), 'words end no event');
    }
}
