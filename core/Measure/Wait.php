<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure;

use Rinkel\Core\Measure\Exception\WaitUnread;

/**
 * How long something is left alone, in whole minutes: 1 to 10 080, a week.
 *
 * @internal
 */
final readonly class Wait implements \Stringable
{
    private const MOST = 10_080;

    /** Minutes in each unit, by how its words begin, in each language that Rinkel speaks. */
    private const UNITS = ['m' => 1, 'h' => 60, 'u' => 60, 'd' => 1440, 'w' => 10_080];
    private const WORDS = 'm(?:in(?:s|utes?|uut|uten)?)?|h(?:rs?|ours?)?|u(?:ur|ren)?|d(?:ays?|ag|agen)?|w(?:eeks?|eken)?';

    private function __construct(public int $minutes) {}

    /**
     * Reads "24 h", "90 min", "1.5 h", "24 uur" or "2 days"; a bare number is in minutes.
     *
     * @throws WaitUnread If it is none of these, or outside its range
     */
    public static function parse(string $text): self
    {
        if (1 !== preg_match('/^\s*(\d{1,5}(?:[.,]\d{1,2})?)\s*('.self::WORDS.')?\.?\s*$/iD', $text, $match)) {
            throw WaitUnread::from($text);
        }
        $unit = self::UNITS[strtolower(($match[2] ?? '').'m')[0]];
        $minutes = (int) round((float) str_replace(',', '.', $match[1]) * $unit);

        return $minutes >= 1 && $minutes <= self::MOST ? new self($minutes) : throw WaitUnread::from($text);
    }

    public static function ofMinutes(int $minutes): self
    {
        return new self(max(1, min(self::MOST, $minutes)));
    }

    public function __toString(): string
    {
        return 0 === $this->minutes % 60 ? intdiv($this->minutes, 60).' h' : $this->minutes.' min';
    }
}
