<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Files;

/**
 * Days and moments as a file that every calendar reads (RFC 5545).
 */
final class ICalendar
{
    private const FOLD = 73; // octets of a line, its break and the blank before its next part not counted

    /** @var list<string> */
    private array $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Rinkel//Work//EN', 'CALSCALE:GREGORIAN'];

    public function __construct(private readonly \DateTimeImmutable $now) {}

    /**
     * Adds what is on a whole day.
     */
    public function day(string $uid, \DateTimeImmutable $day, string $says, string $url): void
    {
        $this->add($uid, 'DTSTART;VALUE=DATE:'.$day->format('Ymd'), $says, $url);
    }

    /**
     * Adds what is at a moment.
     */
    public function moment(string $uid, \DateTimeImmutable $at, string $says, string $url): void
    {
        $this->add($uid, 'DTSTART:'.self::time($at), $says, $url);
    }

    public function text(): string
    {
        return implode("\r\n", array_map(self::folded(...), [...$this->lines, 'END:VCALENDAR']))."\r\n";
    }

    private function add(string $uid, string $start, string $says, string $url): void
    {
        array_push(
            $this->lines,
            'BEGIN:VEVENT',
            'UID:'.$uid,
            'DTSTAMP:'.self::time($this->now),
            $start,
            'SUMMARY:'.self::escaped($says),
            'URL:'.$url,
            'TRANSP:TRANSPARENT',
            'END:VEVENT',
        );
    }

    private static function time(\DateTimeImmutable $at): string
    {
        return $at->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis\Z');
    }

    private static function escaped(string $text): string
    {
        $text = preg_replace('/\p{C}+/u', ' ', mb_scrub($text)) ?? '';

        return addcslashes($text, '\\;,');
    }

    private static function folded(string $line): string
    {
        $parts = [];
        while ('' !== $line) {
            $part = mb_strcut($line, 0, self::FOLD);
            $parts[] = $part;
            $line = substr($line, \strlen($part));
        }

        return implode("\r\n ", $parts);
    }
}
