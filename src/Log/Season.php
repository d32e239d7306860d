<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Brick\Math\BigDecimal;
use Rinkel\Core\Measure\Length;

/**
 * What was made in one season.
 */
final readonly class Season
{
    /** The year begins with its winter, which begins in December. */
    private const NAMES = ['winter', 'spring', 'summer', 'autumn'];

    /**
     * @param int        $season from 0, the winter
     * @param BigDecimal $money  that the materials cost
     * @param Length     $cord   that was cut
     */
    public function __construct(
        public int $year,
        private int $season,
        public int $pieces,
        public int $minutes,
        public BigDecimal $money,
        public Length $cord,
    ) {}

    /**
     * Returns the year in which it begins.
     */
    public function begins(): int
    {
        return 0 === $this->season ? $this->year - 1 : $this->year;
    }

    /**
     * Returns the last two figures of its year.
     */
    public function short(): string
    {
        return \sprintf('%02d', $this->year % 100);
    }

    public function name(): string
    {
        return self::NAMES[$this->season] ?? self::NAMES[0];
    }
}
