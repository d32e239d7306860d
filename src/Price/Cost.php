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

    /**
     * Returns of what the price is made, so that all parts add up to it: cord, beads, findings, time, and what each
     * step adds; one that takes away is negative.
     *
     * @return array<string, BigDecimal> those that are something
     */
    public function parts(): array
    {
        $parts = ['cord' => BigDecimal::zero(), 'beads' => BigDecimal::zero(), 'findings' => BigDecimal::zero()];
        foreach ($this->lines as $line) {
            $parts[$line->kind()] = $parts[$line->kind()]->plus($line->sum ?? 0);
        }
        $parts['time'] = $this->time ?? BigDecimal::zero();
        $before = $this->sum();
        foreach ($this->steps() as $step => $after) {
            $parts[$step] = $after->minus($before);
            $before = $after;
        }

        return array_filter($parts, static fn (BigDecimal $part): bool => !$part->isZero());
    }

    /**
     * Returns what an hour of hands earns at a price for all of them, once materials and what the terms take are paid.
     */
    public function hourly(BigDecimal $price): ?BigDecimal
    {
        return $this->minutes < 1.0 ? null : $this->terms->kept($price, $this->pieces)->minus($this->materials())
            ->multipliedBy(60)->dividedBy((int) round($this->minutes))->toScale($this->digits, RoundingMode::HalfUp);
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
