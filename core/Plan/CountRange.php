<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

/**
 * A count that knots decide: what it comes to by the model, and between which numbers four makers of five come out.
 *
 * @internal
 */
final readonly class CountRange
{
    /** Four makers of five lie within so many standard deviations. */
    private const FOUR_OF_FIVE = 1.2816;

    private function __construct(
        public int $count,
        public int $least,
        public int $most,
        public float $spread,
    ) {}

    /**
     * @param float $spread of the length of one repeat, as a standard deviation of its logarithm
     */
    public static function around(int $count, float $spread): self
    {
        $far = exp(self::FOUR_OF_FIVE * $spread);

        return new self($count, min($count, (int) ceil($count / $far - 1e-9)), max($count, (int) floor($count * $far + 1e-9)), $spread);
    }

    public function isSure(): bool
    {
        return $this->least === $this->most;
    }
}
