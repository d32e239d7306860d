<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure;

/**
 * A length as it is written for a maker, kept in its parts so that a page can set the fraction as a fraction.
 *
 * "−1 3/16 in" is negative, whole 1, numerator 3, denominator 16. Fractions are in lowest terms, sixteenths at the
 * finest.
 */
final readonly class WrittenLength implements \Stringable
{
    private const SIXTEENTHS = 16;

    private function __construct(
        public bool $negative,
        public string $whole,
        public ?int $numerator,
        public ?int $denominator,
        public Unit $unit,
    ) {}

    public static function of(Length $length, Unit $unit): self
    {
        return $unit->isImperial() ? self::inSixteenths($length, $unit) : self::inDecimals($length, $unit);
    }

    /**
     * Returns a small size to a hundredth of a millimetre: it is multiplied often, a rounded one would mislead.
     */
    public static function fine(Length $length): self
    {
        return self::decimal($length, Unit::Millimetre, 2);
    }

    /**
     * Returns the same in decimals of an inch, a digit more than of a millimetre, as small sizes are said by who works
     * in inches; as it is when it is no small size in millimetres.
     */
    public function imperial(): self
    {
        if (Unit::Millimetre !== $this->unit) {
            return $this;
        }
        $length = Length::ofMillimetres(($this->negative ? -1 : 1) * (float) $this->whole);
        $decimals = \strlen(substr((string) strrchr($this->whole, '.'), 1));

        return self::decimal($length, Unit::Inch, max(2, $decimals + 1));
    }

    private static function decimal(Length $length, Unit $unit, int $decimals): self
    {
        $number = number_format(abs($length->in($unit)), $decimals, '.', '');

        return new self($length->isNegative() && (float) $number > 0, $number, null, null, $unit);
    }

    /**
     * Returns the same with another decimal mark than a point.
     */
    public function marked(string $mark): self
    {
        $whole = str_replace('.', $mark, $this->whole);

        return new self($this->negative, $whole, $this->numerator, $this->denominator, $this->unit);
    }

    /**
     * Returns the number without its unit: "6 1/2", "16.5".
     */
    public function number(): string
    {
        $fraction = null === $this->numerator ? '' : $this->numerator.'/'.$this->denominator;

        return ($this->negative ? '−' : '').trim($this->whole.' '.$fraction);
    }

    public function __toString(): string
    {
        return $this->number().' '.$this->unit->value;
    }

    private static function inSixteenths(Length $length, Unit $unit): self
    {
        $sixteenths = (int) round(abs($length->in($unit)) * self::SIXTEENTHS);
        $whole = intdiv($sixteenths, self::SIXTEENTHS);
        $rest = $sixteenths % self::SIXTEENTHS;
        $negative = $length->isNegative() && $sixteenths > 0;
        if (0 === $rest) {
            return new self($negative, (string) $whole, null, null, $unit);
        }
        $common = self::SIXTEENTHS;
        while (0 === $rest % 2) {
            $rest = intdiv($rest, 2);
            $common = intdiv($common, 2);
        }

        return new self($negative, 0 === $whole ? '' : (string) $whole, $rest, $common, $unit);
    }

    private static function inDecimals(Length $length, Unit $unit): self
    {
        $decimals = Unit::Metre === $unit ? 3 : 1;
        $number = number_format(abs($length->in($unit)), $decimals, '.', '');
        $number = rtrim(rtrim($number, '0'), '.');

        return new self($length->isNegative() && '0' !== $number, $number, null, null, $unit);
    }
}
