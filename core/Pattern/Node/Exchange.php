<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * Names that stand for others: "sky for amber and sand for rust".
 *
 * @internal
 */
final readonly class Exchange implements \Stringable
{
    public const MOST = 12;

    /**
     * @param non-empty-list<array{string, string}> $pairs which for which
     */
    public function __construct(public array $pairs) {}

    public function __toString(): string
    {
        return implode(' and ', array_map(static fn (array $pair): string => $pair[0].' for '.$pair[1], $this->pairs));
    }

    /**
     * Returns what stands for $name; itself where nothing does.
     */
    public function of(string $name): string
    {
        foreach ($this->pairs as [$new, $old]) {
            if ($old === $name) {
                return $new;
            }
        }

        return $name;
    }

    /**
     * Returns the same the other way round as well: two that change places.
     */
    public function bothWays(): self
    {
        return new self([
            ...$this->pairs,
            ...array_map(static fn (array $pair): array => [$pair[1], $pair[0]], $this->pairs),
        ]);
    }

    /**
     * @return list<string>
     */
    public function names(): array
    {
        return array_merge(...$this->pairs);
    }

    /**
     * @param callable(string, int): string $rename takes a name and which it is, from 0
     */
    public function renamed(callable $rename): self
    {
        $pairs = [];
        foreach ($this->pairs as $i => [$new, $old]) {
            $pairs[] = [$rename($new, 2 * $i), $rename($old, 2 * $i + 1)];
        }

        return new self($pairs);
    }
}
