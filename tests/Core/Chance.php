<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

/**
 * Repeatable chance; says its seed, so that a failure can be had again.
 */
final readonly class Chance implements \Stringable
{
    private \Random\Randomizer $random;

    public function __construct(private int $seed)
    {
        $this->random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
    }

    public function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    public function whole(int $from, int $to): int
    {
        return $this->random->getInt($from, $to);
    }

    /**
     * Returns true once in $times.
     */
    public function oneIn(int $times): bool
    {
        return 1 === $this->whole(1, $times);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $choices
     *
     * @return T
     */
    public function of(array $choices): mixed
    {
        return $choices[$this->whole(0, \count($choices) - 1)] ?? $choices[0];
    }

    public function __toString(): string
    {
        return 'seed '.$this->seed;
    }
}
