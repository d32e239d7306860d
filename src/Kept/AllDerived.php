<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/**
 * All that is worked out from stored things, for those who store them.
 */
final readonly class AllDerived
{
    /**
     * @param iterable<Derived> $all
     */
    public function __construct(
        #[AutowireIterator(Derived::class)]
        private iterable $all,
    ) {}

    public function forget(): void
    {
        foreach ($this->all as $derived) {
            $derived->forget();
        }
    }

    public function changed(): void
    {
        foreach ($this->all as $derived) {
            $derived->changed();
        }
    }
}
