<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/**
 * All kinds of things that are kept. Whoever goes over a maker's data asks here, so that no kind is left out.
 */
final class Everything
{
    /** @var array<string, Kept>|null by word, in the order in which they are brought in */
    private ?array $all = null;

    /**
     * @param iterable<Kept> $kinds
     */
    public function __construct(#[AutowireIterator(Kept::class)] private readonly iterable $kinds) {}

    /**
     * @return array<string, Kept> by word, in the order in which they are brought in
     */
    public function all(): array
    {
        if (null === $this->all) {
            $all = [...$this->kinds];
            usort($all, static fn (Kept $one, Kept $other): int => $one->rank() <=> $other->rank());
            $this->all = array_combine(array_map(static fn (Kept $kind): string => $kind->word(), $all), $all);
        }

        return $this->all;
    }

    public function named(string $word): ?Kept
    {
        return $this->all()[$word] ?? null;
    }

    /**
     * Returns what keeps such a thing, null for what only passes through.
     */
    public function of(object $stored): ?Kept
    {
        foreach ($this->all() as $kind) {
            foreach ($kind->stores() as $class) {
                if ($stored instanceof $class) {
                    return $kind;
                }
            }
        }

        return null;
    }
}
