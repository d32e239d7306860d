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
 * 50 m", "3.80 for 25 g, 8 a gram". Exact.
 */
final readonly class Price implements \Stringable
{
    private function __construct(
        public BigDecimal $sum,
        public Length|int $for,
        private string $said = '',
    ) {}

    /**
     * @param bool $isCord whether it is sold by its length
     *
     * @throws PieceUnreadable If it cannot be read
     */
    public static function parse(string $text, bool $isCord): self
    {
        $isRead = 1 === preg_match(
            '~^\s*(\d{1,6}(?:[.,]\d{1,4})?)\s*(?:(?:for|per|voor|für|/)\s*(\S.{0,40}?))?\s*$~iuD',
            $text,
            $match,
        );
        $of = $match[2] ?? '';
        $for = match (true) {
            !$isRead => null,
            '' === $of => $isCord ? Length::ofMillimetres(1000) : 1,
            $isCord => self::length($of),
            1 === preg_match('/^[1-9]\d{0,5}$/D', $of) => (int) $of,
            default => self::byWeight($of),
        };
        if (null === $for || $for instanceof Length && $for->isZero()) {
            $typed = ['typed' => new Quoted($text)];
            $said = $isCord ? new Message('price-of-cord-unread', $typed) : new Message('price-unread', $typed);
            throw PieceUnreadable::at('price', $said);
        }

        $said = $for instanceof Length && 1 === preg_match('/^\d+$/D', $of) ? $of.' m' : $of;

        return new self(BigDecimal::of(str_replace(',', '.', $match[1] ?? '0')), $for, $said);
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
        return $this->sum.($this->isOfOne() ? '' : ' for '.('' === $this->said ? $this->for : $this->said));
    }

    /**
     * Returns what it is sold in, as its maker says it: "50 m", "40", "25 g, 8 a gram"; "" where it is sold by the
     * metre or one by one.
     */
    public function pack(): string
    {
        return $this->isOfOne() ? '' : $this->said;
    }

    /**
     * Returns what so many packs cost.
     */
    public function ofPacks(int $packs): BigDecimal
    {
        return $this->sum->multipliedBy($packs);
    }

    /**
     * Reads what is sold by its weight: "25 g, 8 a gram". Returns how many that is, whole ones only.
     */
    private static function byWeight(string $text): ?int
    {
        $isRead = 1 === preg_match(
            '~^(\d{1,4}(?:[.,]\d)?)\s*g\s*[,;:]?\s*(\d{1,4}(?:[.,]\d{1,2})?)\s*(?:a|per|/|in een)\s*g(?:ram)?$~iuD',
            $text,
            $match,
        );
        $number = static fn (string $said): float => (float) str_replace(',', '.', $said);
        $count = $isRead ? (int) floor($number($match[1] ?? '') * $number($match[2] ?? '') + 1e-9) : 0;

        return $count > 0 && $count <= 999_999 ? $count : null;
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
