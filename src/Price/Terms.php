<?php

declare(strict_types=1);

namespace Rinkel\App\Price;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * How a maker comes from what a piece costs them to what they ask for it: all rates and sums are their own, none is
 * advice on taxes.
 */
final readonly class Terms
{
    private function __construct(
        public BigDecimal $factor,
        public BigDecimal $packing,
        public BigDecimal $fee,
        public BigDecimal $lowest,
        public BigDecimal $rounding,
        public BigDecimal $tax,
    ) {}

    /**
     * @param array<string, string> $said factor, packing of each piece, fee and tax in percent, lowest price of each
     *                                    piece, and rounding: the sum up to whose multiple a price goes; "" for none
     */
    public static function of(array $said): self
    {
        $of = static fn (string $name, int $none = 0): BigDecimal => BigDecimal::of(
            '' === ($said[$name] ?? '') ? $none : $said[$name],
        );

        return new self($of('factor', 1), $of('packing'), $of('fee'), $of('lowest'), $of('rounding'), $of('tax'));
    }

    /**
     * Returns what is left of a price once tax, fee and packing are paid from it.
     */
    public function kept(BigDecimal $price, int $count): BigRational
    {
        $taxed = BigDecimal::of(100)->plus($this->tax)->toBigRational()->dividedBy(100);
        $kept = BigDecimal::of(100)->minus($this->fee)->toBigRational()->dividedBy(100);

        return $price->toBigRational()->dividedBy($taxed)->multipliedBy($kept)->minus(
            $this->packing->multipliedBy($count),
        );
    }

    /**
     * Returns what comes to $cost on the way to its price, step by step, those that change anything: what it is after
     * each, in whole smallest coins.
     *
     * @param BigDecimal                        $cost  of all pieces together
     * @param int                               $count of pieces
     * @param callable(BigRational): BigDecimal $coins rounds to whole smallest coins
     *
     * @return non-empty-array<string, BigDecimal> by the step: factor, packing, fee, lowest, rounding, tax
     */
    public function steps(BigDecimal $cost, int $count, callable $coins): array
    {
        $price = $coins($cost->multipliedBy($this->factor)->toBigRational());
        $steps = ['factor' => $price];
        if (!$this->packing->isZero()) {
            $steps['packing'] = $price = $price->plus($this->packing->multipliedBy($count));
        }
        if (!$this->fee->isZero()) {
            // What is kept of a price once the fee is paid from it.
            $kept = BigDecimal::of(100)->minus($this->fee)->toBigRational()->dividedBy(100);
            $steps['fee'] = $price = $coins($price->toBigRational()->dividedBy($kept));
        }
        $lowest = $this->lowest->multipliedBy($count);
        if ($price->isLessThan($lowest)) {
            $steps['lowest'] = $price = $lowest;
        }
        if (!$this->rounding->isZero()) {
            $times = $price->toBigRational()->dividedBy($this->rounding)->toScale(0, RoundingMode::Ceiling);
            $rounded = $this->rounding->multipliedBy($times);
            if (!$rounded->isEqualTo($price)) {
                $steps['rounding'] = $price = $rounded;
            }
        }
        if (!$this->tax->isZero()) {
            $steps['tax'] = $coins($price->toBigRational()->multipliedBy(
                BigDecimal::of(100)->plus($this->tax)->toBigRational()->dividedBy(100),
            ));
        }

        return $steps;
    }
}
