<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure;

use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Internal\LengthParser;

/**
 * An immutable length, or a difference of two lengths (which may be negative).
 *
 * Always finite and within ±100 km, so that sums and products of makers' lengths stay exact to far below 0.001 mm.
 */
final readonly class Length implements \Stringable
{
    private const LIMIT = 1e8;

    /** Two lengths closer than this, in mm, are the same to a maker. */
    private const SAME = 1e-9;

    private function __construct(public float $millimetres)
    {
        if (!is_finite($millimetres) || abs($millimetres) > self::LIMIT) {
            throw LengthOutOfRange::beyondReason($millimetres);
        }
    }

    /**
     * @throws LengthOutOfRange If the length is not finite or beyond 100 km
     */
    public static function ofMillimetres(float $millimetres): self
    {
        return new self($millimetres);
    }

    public static function ofCentimetres(float $centimetres): self
    {
        return self::of($centimetres, Unit::Centimetre);
    }

    public static function ofInches(float $inches): self
    {
        return self::of($inches, Unit::Inch);
    }

    /**
     * Returns $count of $unit, clean of binary dust: 7 in is 177.8 mm, not 177.79999999999998 mm.
     */
    public static function of(float $count, Unit $unit): self
    {
        return new self(round($count * $unit->inMillimetres(), 9));
    }

    public static function zero(): self
    {
        return new self(0.0);
    }

    /**
     * Returns the length a maker typed: "7", "6 1/2 in", "6½\"", "16,5 cm", "1' 4\"". A bare number is in $bare.
     *
     * @throws Exception\NotALength        If the text is not a number with an optional unit
     * @throws Exception\UnknownUnit       If the number stands before a word that is no unit
     * @throws Exception\DivisionByNothing If a fraction has a zero below its bar
     * @throws Exception\NegativeLength    If the number has a minus sign
     * @throws LengthOutOfRange            If the length is beyond 100 km
     */
    public static function parse(string $text, Unit $bare): self
    {
        return (new LengthParser($text, $bare))->parse();
    }

    /**
     * Returns the length that __toString() wrote: in millimetres, below zero too.
     *
     * @throws Exception\NotALength If the text was not written so
     * @throws LengthOutOfRange     If the length is beyond 100 km
     */
    public static function exact(string $text): self
    {
        return 1 === preg_match('/^(-?\d{1,9}(?:\.\d{1,18})?) mm$/D', $text, $match)
            ? new self((float) $match[1])
            : throw Exception\NotALength::read($text);
    }

    /**
     * Returns the sum of all $lengths, zero if there are none.
     */
    public static function sum(self ...$lengths): self
    {
        $sum = 0.0;
        foreach ($lengths as $length) {
            $sum += $length->millimetres;
        }

        return new self($sum);
    }

    public static function longest(self $first, self ...$others): self
    {
        foreach ($others as $other) {
            $first = $other->millimetres > $first->millimetres ? $other : $first;
        }

        return $first;
    }

    public function in(Unit $unit): float
    {
        return $this->millimetres / $unit->inMillimetres();
    }

    public function isZero(): bool
    {
        return $this->equals(self::zero());
    }

    public function isNegative(): bool
    {
        return $this->isShorterThan(self::zero());
    }

    public function equals(self $other): bool
    {
        return abs($this->millimetres - $other->millimetres) <= self::SAME;
    }

    public function isLongerThan(self $other): bool
    {
        return $this->millimetres > $other->millimetres + self::SAME;
    }

    public function isShorterThan(self $other): bool
    {
        return $other->isLongerThan($this);
    }

    /**
     * Returns this length without its sign.
     */
    public function absolute(): self
    {
        return new self(abs($this->millimetres));
    }

    public function plus(self $other): self
    {
        return new self($this->millimetres + $other->millimetres);
    }

    public function minus(self $other): self
    {
        return new self($this->millimetres - $other->millimetres);
    }

    public function times(float $factor): self
    {
        return new self($this->millimetres * $factor);
    }

    /**
     * Returns how many times $other goes into this length.
     *
     * @throws Exception\DivisionByNothing If $other is zero
     */
    public function ratioTo(self $other): float
    {
        return 0.0 === $other->millimetres
            ? throw Exception\DivisionByNothing::ofLength($this) : $this->millimetres / $other->millimetres;
    }

    /**
     * Returns how many whole times $part fits into this length; a shortfall below 1e-9 counts as whole.
     */
    public function wholeTimes(self $part): int
    {
        return (int) floor($this->ratioTo($part) + self::SAME);
    }

    /**
     * Returns the smallest whole multiple of $step that is not shorter than this length.
     */
    public function roundedUpTo(self $step): self
    {
        return self::of($step->millimetres * ceil($this->ratioTo($step) - self::SAME), Unit::Millimetre);
    }

    /**
     * Returns this length as a maker writes it: inches to 1/16, centimetres to 1 mm, millimetres to 0.1 mm.
     */
    public function written(Unit $unit): WrittenLength
    {
        return WrittenLength::of($this, $unit);
    }

    /**
     * Returns this length as it is cut: no shorter than it is, by what a tape in $unit shows.
     */
    public function writtenToCut(Unit $unit): WrittenLength
    {
        return WrittenLength::of($this->roundedUpTo($unit->tapeStep()), $unit);
    }

    /**
     * Returns the length in millimetres to a millionth of a micrometre, as the open formats carry it: "165.1 mm".
     */
    public function __toString(): string
    {
        $count = round($this->millimetres, 9) + 0.0;
        $short = json_encode($count, \JSON_THROW_ON_ERROR);

        // Below a tenth of a micrometre JSON would write a power of ten, which no maker does.
        return (str_contains($short, 'e') ? rtrim(\sprintf('%.9F', $count), '0') : $short).' mm';
    }
}
