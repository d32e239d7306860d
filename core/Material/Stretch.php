<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Material\Exception\StretchUnread;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * By which share of its length a cord gives, 0 to 1: said, "4 %", or tested by pulling a piece and reading it again,
 * "20 cm to 20.8 cm".
 */
final readonly class Stretch implements \Stringable
{
    private function __construct(
        public float $share,
        private string $text,
    ) {}

    /**
     * @throws StretchUnread                       If the text says neither, or more than twice the length
     * @throws \Rinkel\Core\Measure\MeasureFailure If a length in it is none
     */
    public static function parse(string $text): self
    {
        $text = trim($text);
        if (1 === preg_match('/^(\d{1,3}(?:[.,]\d{1,2})?)\s*%$/', $text, $match)) {
            $percent = str_replace(',', '.', $match[1]);

            return self::of((float) $percent / 100, $percent.' %', $text);
        }
        if (1 !== preg_match('/^(.{1,20}?)\s+(?:to|becomes|tot|wordt|auf|wird)\s+(.{1,20})$/u', $text, $match)) {
            throw StretchUnread::from($text);
        }
        $before = Length::parse($match[1], Unit::Centimetre);
        $after = Length::parse($match[2], Unit::Centimetre);

        return self::between($before, $after);
    }

    /**
     * @throws StretchUnread If it became shorter, or more than twice as long
     */
    public static function between(Length $before, Length $after): self
    {
        $text = $before.' to '.$after;

        return $before->isZero()
            ? throw StretchUnread::from($text) : self::of($after->ratioTo($before) - 1, $text, $text);
    }

    public function __toString(): string
    {
        return $this->text;
    }

    private static function of(float $share, string $written, string $typed): self
    {
        return $share >= 0.0 && $share <= 1.0 ? new self($share, $written) : throw StretchUnread::from($typed);
    }
}
