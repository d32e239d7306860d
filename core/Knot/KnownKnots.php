<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

/**
 * The knots that a pattern can name, each under its word.
 */
final readonly class KnownKnots
{
    /** @var array<string, Knot> by word */
    private array $byWord;

    public function __construct(Knot ...$knots)
    {
        $this->byWord = array_column(array_map(static fn (Knot $knot): array => [$knot->word(), $knot], $knots), 1, 0);
    }

    /**
     * Returns all knots there are.
     */
    public static function all(): self
    {
        return new self(
            new Kind\Square(),
            new Kind\HalfLeft(),
            new Kind\HalfRight(),
            new Kind\Overhand(),
            new Kind\DoubleOverhand(),
            new Kind\Barrel(),
            new Kind\LarksHead(),
            new Kind\VerticalLarksHead(),
            new Kind\HalfHitch(),
            new Kind\Whip(),
            new Kind\LoopKnot(),
        );
    }

    public function and(Knot ...$knots): self
    {
        return [] === $knots ? $this : new self(...array_values($this->byWord), ...array_values($knots));
    }

    public function named(string $word): ?Knot
    {
        return $this->byWord[$word] ?? null;
    }

    /**
     * @return list<Knot>
     */
    public function knots(): array
    {
        return array_values($this->byWord);
    }

    /**
     * @return list<string>
     */
    public function words(): array
    {
        return array_keys($this->byWord);
    }
}
