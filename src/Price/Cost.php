<?php

declare(strict_types=1);

namespace Rinkel\App\Price;

use Brick\Math\BigDecimal;

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
     * @param BigDecimal      $factor  1 where none is set
     * @param BigDecimal      $offcuts what the cord would have cost that comes from offcuts
     * @param int             $pieces  in all
     */
    public function __construct(
        public array $lines,
        public float $minutes,
        public ?BigDecimal $time,
        public BigDecimal $factor,
        public BigDecimal $offcuts,
        public int $pieces,
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
     * Returns what all are sold for.
     */
    public function total(): BigDecimal
    {
        return $this->sum()->multipliedBy($this->factor);
    }

    /**
     * Returns for how many materials no price is known.
     */
    public function unpriced(): int
    {
        return \count(array_filter($this->lines, static fn (CostLine $line): bool => null === $line->sum));
    }
}
