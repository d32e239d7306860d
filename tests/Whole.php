<?php

declare(strict_types=1);

namespace Rinkel\Tests;

/**
 * How much of what takes long is looked at: a part with every run, always the same; all with `./rinkel ordeal`.
 */
final readonly class Whole
{
    private function __construct() {}

    /**
     * Returns every nth of many, or all.
     *
     * @template T
     *
     * @param list<T> $all
     *
     * @return list<T>
     */
    public static function of(array $all, int $each): array
    {
        return self::is() ? $all : array_values(array_filter(
            $all,
            static fn (int $i): bool => 0 === $i % $each,
            \ARRAY_FILTER_USE_KEY,
        ));
    }

    /**
     * Returns how many pieces by chance: a third, or all.
     */
    public static function many(int $all): int
    {
        return self::is() ? $all : intdiv($all, 3);
    }

    public static function is(): bool
    {
        return '1' === getenv('RINKEL_WHOLE');
    }
}
