<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

/**
 * What is dear to work out and seldom asked for: worked out once, when it is.
 *
 * @template T of array
 */
final class Lazy
{
    /** @var T|null */
    private ?array $value = null;

    /**
     * @param \Closure(): T $work
     */
    public function __construct(private readonly \Closure $work) {}

    /**
     * @return T
     */
    public function get(): array
    {
        return $this->value ??= ($this->work)();
    }
}
