<?php

declare(strict_types=1);

namespace Rinkel\App\Price;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * What some pieces cost, and what they are sold for: materials and time, times the maker's factor. Each line is in
 * whole smallest coins, so that what is shown adds up.
 */
final readonly class Cost
{
    /**
     * @param list<CostLine>  $lines
     * @param float           $minutes of hands
     * @param BigDecimal|null $time    what those are worth, null where no rate is set
     * @param Terms           $terms   by which the price comes from that
     * @param BigDecimal      $offcuts what the cord would have cost that comes from offcuts
     * @param int             $pieces  in all
     * @param int             $logged  of those whose minutes their maker wrote down
     * @param int<0, max>     $digits  of a sum of money, after the point
     */
    public function __construct(
        public array $lines,
        public float $minutes,
        public ?BigDecimal $time,
        public Terms $terms,
        public BigDecimal $offcuts,
        public int $pieces,
        public int $logged = 0,
        private int $digits = 2,
    ) {}

    public function materials(): BigDecimal
    {
        $sum = BigDecimal::zero();
        foreach ($this->lines as $line) {
            $sum = $sum->plus($line->sum ?? 0);
        }

        return $sum;
    }

    /**
     * Returns materials and time.
     */
    public function sum(): BigDecimal
    {
        return $this->materials()->plus($this->time ?? 0);
    }

    /**
     * Returns what comes to that on the way to the price, step by step, and what it is after each.
     *
     * @return non-empty-array<string, BigDecimal>
     */
    public function steps(): array
    {
        return $this->terms->steps(
            $this->sum(),
            $this->pieces,
            fn (BigRational $sum): BigDecimal => $sum->toScale($this->digits, RoundingMode::HalfUp),
        );
    }

    /**
     * Returns what all are sold for.
     */
    public function total(): BigDecimal
    {
        $steps = $this->steps();

        return $steps[array_key_last($steps)];
    }

    public function factor(): BigDecimal
    {
        return $this->terms->factor;
    }

    /**
     * Returns for how many materials no price is known.
     */
    public function unpriced(): int
    {
        return \count(array_filter($this->lines, static fn (CostLine $line): bool => null === $line->sum));
    }
}
