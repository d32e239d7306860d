<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

/**
 * Works out what a thing in stock is once one act is taken back, whatever was done to it since: of a count the
 * difference is taken back, of lists of cords what went comes back and what came goes, of all else what it was.
 */
final class Undone
{
    /**
     * @param array<string, mixed>      $now    the thing as it is
     * @param array<string, mixed>|null $before the act; null where it was not there
     * @param array<string, mixed>      $after
     *
     * @return array<string, mixed>|null null where what the act left is not there any more
     */
    public static function of(array $now, ?array $before, array $after): ?array
    {
        if ($now === $after) {
            return $before ?? $now;
        }
        if (null === $before) {
            return null;
        }
        foreach (array_keys($before + $after) as $field) {
            [$was, $is] = [$before[$field] ?? null, $after[$field] ?? null];
            if ($was === $is) {
                continue;
            }
            $value = self::value($now[$field] ?? null, $was, $is);
            if (null === $value) {
                return null;
            }
            if (\in_array($value, [[], ''], true)) {
                unset($now[$field]);
            } else {
                $now[$field] = $value;
            }
        }

        return $now;
    }

    private static function value(mixed $now, mixed $was, mixed $is): mixed
    {
        if (\is_int($now) && \is_int($is) && \is_int($was)) {
            return max(0, $now + $was - $is);
        }
        if (\is_array($was ?? []) && \is_array($is ?? []) && \is_array($now ?? [])) {
            return self::listed((array) $now, (array) $was, (array) $is);
        }

        return $now === $is ? $was ?? '' : null;
    }

    /**
     * @param array<mixed> $now
     * @param array<mixed> $was
     * @param array<mixed> $is
     *
     * @return list<mixed>|null
     */
    private static function listed(array $now, array $was, array $is): ?array
    {
        [$went, $came] = [self::without($was, $is), self::without($is, $was)];
        foreach ($came as $one) {
            $at = array_search($one, $now, true);
            if (false === $at) {
                return null;
            }
            unset($now[$at]);
        }

        return [...array_values($went), ...array_values($now)];
    }

    /**
     * @param array<mixed> $some
     * @param array<mixed> $others
     *
     * @return array<mixed> $some but for as many of each as are in $others
     */
    private static function without(array $some, array $others): array
    {
        foreach ($others as $one) {
            $at = array_search($one, $some, true);
            if (false !== $at) {
                unset($some[$at]);
            }
        }

        return $some;
    }
}
