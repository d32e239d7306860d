<?php

declare(strict_types=1);

namespace Rinkel\App\Money;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Rinkel\Core\Failure;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Quoted;

/**
 * What something costs: so much for a metre, or for one; or for so many, as a maker buys it: "4.20 for 100", "12 for
 * 50 m". Exact.
 */
final readonly class Price implements \Stringable
{
    private function __construct(
        public BigDecimal $sum,
        public Length|int $for,
    ) {}

    /**
     * @param bool $isCord whether it is sold by its length
     *
     * @throws PieceUnreadable If it cannot be read
     */
    public static function parse(string $text, bool $isCord): self
    {
        $isRead = 1 === preg_match(
            '~^\s*(\d{1,6}(?:[.,]\d{1,4})?)\s*(?:(?:for|per|voor|/)\s*(\S.{0,30}?))?\s*$~iuD',
            $text,
            $match,
        );
        $of = $match[2] ?? '';
        $for = match (true) {
            !$isRead => null,
            '' === $of => $isCord ? Length::ofMillimetres(1000) : 1,
            $isCord => self::length($of),
            1 === preg_match('/^[1-9]\d{0,5}$/D', $of) => (int) $of,
            default => null,
        };
        if (null === $for || $for instanceof Length && $for->isZero()) {
            $typed = ['typed' => new Quoted($text)];
            $said = $isCord ? new Message('price-of-cord-unread', $typed) : new Message('price-unread', $typed);
            throw PieceUnreadable::at('price', $said);
        }

        return new self(BigDecimal::of(str_replace(',', '.', $match[1] ?? '0')), $for);
    }

    /**
     * Returns what so much of it costs, exactly.
     *
     * @param Length|int $much as it is sold: by its length or by number
     */
    public function of(Length|int $much): BigRational
    {
        return BigRational::of($this->sum)
            ->multipliedBy(self::number($much))
            ->dividedBy(self::number($this->for));
    }

    /**
     * Returns whether it is the price of one metre, or of one.
     */
    public function isOfOne(): bool
    {
        return $this->for instanceof Length ? $this->for->equals(Length::ofMillimetres(1000)) : 1 === $this->for;
    }

    /**
     * Returns it as it is kept and read again.
     */
    public function __toString(): string
    {
        return $this->sum.($this->isOfOne() ? '' : ' for '.$this->for);
    }

    private static function length(string $text): ?Length
    {
        try {
            return 1 === preg_match('/^\d{1,4}$/D', $text)
                ? Length::ofMillimetres(1000 * (float) $text)
                : Length::parse($text, Unit::Centimetre);
        } catch (Failure) {
            return null;
        }
    }

    /**
     * Returns a length in thousandths of a millimetre, a number as it is.
     */
    private static function number(Length|int $much): BigDecimal
    {
        return BigDecimal::of(\is_int($much) ? $much : \sprintf('%.3F', $much->millimetres));
    }
}
