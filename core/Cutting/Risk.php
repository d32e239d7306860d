<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

/**
 * How often a maker accepts to run short: once in so many pieces.
 */
final readonly class Risk
{
    public const LEAST = 5;
    public const MOST = 1000;

    /** Once in fifty pieces (judgement). */
    public const USUAL = 50;

    /** Which to choose from, from bold to safe. */
    private const STEPS = [5, 10, 20, 50, 100, 200, 1000];

    private function __construct(public int $oneIn) {}

    /**
     * Returns this risk between a bolder one and a safer one, as far as there are any.
     *
     * @return list<self> the boldest first
     */
    public function around(): array
    {
        $bolder = array_filter(self::STEPS, fn (int $step): bool => $step < $this->oneIn);
        $safer = array_filter(self::STEPS, fn (int $step): bool => $step > $this->oneIn);
        $steps = [...\array_slice($bolder, -2), $this->oneIn, ...\array_slice($safer, 0, 1)];

        return array_map(self::oneIn(...), $steps);
    }

    /**
     * @param int $pieces 5 to 1000
     */
    public static function oneIn(int $pieces): self
    {
        return new self(max(self::LEAST, min(self::MOST, $pieces)));
    }

    /**
     * Returns the share to add to what knots take, when its logarithm has the standard deviation $spread.
     */
    public function margin(float $spread): float
    {
        return exp($this->deviations() * $spread) - 1;
    }

    /**
     * Returns beyond how many standard deviations a normal variable comes so rarely (Abramowitz and Stegun, Handbook of
     * Mathematical Functions, 26.2.23; to 0.0005).
     */
    public function deviations(): float
    {
        $t = sqrt(-2 * log(1 / $this->oneIn));

        return $t - (2.515517 + 0.802853 * $t + 0.010328 * $t ** 2)
            / (1 + 1.432788 * $t + 0.189269 * $t ** 2 + 0.001308 * $t ** 3);
    }

    /**
     * Returns how often a normal variable lies below so many standard deviations (Abramowitz and Stegun, Handbook of
     * Mathematical Functions, 26.2.17; to 7.5e-8).
     */
    public static function below(float $deviations): float
    {
        $t = 1 / (1 + 0.2316419 * abs($deviations));
        $tail = exp(-$deviations ** 2 / 2) / sqrt(2 * \M_PI) * $t * (0.319381530 + $t * (-0.356563782
            + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return $deviations > 0 ? 1 - $tail : $tail;
    }
}
