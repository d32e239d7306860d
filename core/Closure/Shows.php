<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Exception\NothingToShow;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * What a maker wishes to show of a slider when it is worn: a gap of so much tail between the body's ends, a body of so
 * much, or a body that is such a share of the ring.
 *
 * @internal
 */
final readonly class Shows implements \Stringable
{
    private function __construct(
        private ?Length $gap,
        private ?Length $body,
        private ?float $share,
        private string $text,
    ) {}

    /**
     * Reads "gap 3 cm", "body 12 cm" or "70 %"; a bare number is in $bare.
     *
     * @throws NothingToShow                       If the text says none of these
     * @throws \Rinkel\Core\Measure\MeasureFailure If its length is none
     */
    public static function parse(string $text, Unit $bare): self
    {
        $text = trim($text);
        if (1 === preg_match('/^(\d{1,2}(?:[.,]\d)?)\s*%$/', $text, $match)) {
            $share = (float) str_replace(',', '.', $match[1]) / 100;

            return $share >= 0.1 && $share <= 0.99
                ? new self(null, null, $share, 100 * $share.' %')
                : throw NothingToShow::read($text);
        }
        if (1 !== preg_match('/^(gap|body)\s+(.{1,40})$/u', $text, $match)) {
            throw NothingToShow::read($text);
        }
        $length = Length::parse($match[2], $bare);
        if ($length->isShorterThan(Length::ofMillimetres(5)) || $length->isLongerThan(Length::ofMillimetres(900))) {
            throw NothingToShow::read($text);
        }

        return 'gap' === $match[1]
            ? new self($length, null, null, 'gap '.$length)
            : new self(null, $length, null, 'body '.$length);
    }

    /**
     * Returns how long the body is to be for it, never longer than still can be worn as wished.
     *
     * @param Length $most that a body can be
     */
    public function body(Ring $ring, Length $most): Length
    {
        $body = $this->body ?? (null === $this->gap
            ? $ring->wished()->times($this->share ?? 1.0)
            : $ring->wished()->minus($this->gap));

        return $body->isLongerThan($most) ? $most : $body;
    }

    public function said(Unit $unit): string
    {
        return match (true) {
            null !== $this->gap => 'gap '.$this->gap->written($unit),
            null !== $this->body => 'body '.$this->body->written($unit),
            default => $this->text,
        };
    }

    public function __toString(): string
    {
        return $this->text;
    }
}
