<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Internal;

/**
 * Kauffman's bracket of a diagram (L. H. Kauffman, "State models and the Jones polynomial", 1987, from memory),
 * crossing by crossing: what is known so far is a sum over ways in which the arcs that still hang out are joined.
 *
 * @internal
 */
final readonly class KauffmanBracket
{
    private function __construct() {}

    /**
     * @param list<array{int, int, int, int}> $crossings arcs around each, against the clock from the one that comes in
     *                                                   below; every arc twice
     *
     * @return array<int, int> coefficients by the power of A; of a ring without a crossing 1
     */
    public static function of(array $crossings): array
    {
        $states = ['' => [0 => 1]];
        foreach (self::ordered($crossings) as [$a, $b, $c, $d]) {
            $next = [];
            foreach ($states as $joined => $polynomial) {
                foreach ([[1, [[$a, $d], [$b, $c]]], [-1, [[$a, $b], [$c, $d]]]] as [$power, $pairs]) {
                    [$key, $rings] = self::joined(self::read((string) $joined), $pairs);
                    $next[$key] = self::sum($next[$key] ?? [], self::ringed($polynomial, $power, $rings));
                }
            }
            $states = $next;
        }
        $all = $states[''] ?? [];
        ksort($all);

        return [] === $crossings ? [0 => 1] : self::withoutOne($all);
    }

    /**
     * Each crossing after those it hangs together with most: then few arcs hang out at a time.
     *
     * @param list<array{int, int, int, int}> $crossings
     *
     * @return list<array{int, int, int, int}>
     */
    private static function ordered(array $crossings): array
    {
        $ordered = [];
        $open = [];
        while ([] !== $crossings) {
            [$best, $most] = [0, -1];
            foreach ($crossings as $i => $arcs) {
                $known = \count(array_filter($arcs, static fn (int $arc): bool => isset($open[$arc])));
                [$best, $most] = $known > $most ? [$i, $known] : [$best, $most];
            }
            $ordered[] = $next = $crossings[$best];
            unset($crossings[$best]);
            $crossings = array_values($crossings);
            foreach ($next as $arc) {
                if (isset($open[$arc])) {
                    unset($open[$arc]);
                } else {
                    $open[$arc] = true;
                }
            }
        }

        return $ordered;
    }

    /**
     * Joins two pairs of arcs to those that are joined already.
     *
     * @param array<int, int>                         $joined each open arc with the one at its other end
     * @param array{array{int, int}, array{int, int}} $pairs
     *
     * @return array{string, int} how they are joined now, and how many rings were closed
     */
    private static function joined(array $joined, array $pairs): array
    {
        $rings = 0;
        foreach ($pairs as [$one, $other]) {
            if ($one === $other || ($joined[$one] ?? null) === $other) {
                ++$rings;
                unset($joined[$one], $joined[$other]);
                continue;
            }
            // An arc that hung out goes on to where it came from; a new one hangs out now.
            [$from, $to] = [$joined[$one] ?? $one, $joined[$other] ?? $other];
            unset($joined[$one], $joined[$other]);
            $joined[$from] = $to;
            $joined[$to] = $from;
        }
        ksort($joined);

        return [implode(' ', array_map(
            static fn (int $one, int $other): string => $one.':'.$other,
            array_keys($joined),
            $joined,
        )), $rings];
    }

    /**
     * @return array<int, int>
     */
    private static function read(string $joined): array
    {
        $read = [];
        foreach ('' === $joined ? [] : explode(' ', $joined) as $pair) {
            [$one, $other] = explode(':', $pair);
            $read[(int) $one] = (int) $other;
        }

        return $read;
    }

    /**
     * @param array<int, int> $polynomial
     *
     * @return array<int, int> times a power of A, and times -A² - A⁻² for each ring
     */
    private static function ringed(array $polynomial, int $power, int $rings): array
    {
        $shifted = [];
        foreach ($polynomial as $at => $coefficient) {
            $shifted[$at + $power] = $coefficient;
        }
        for ($ring = 0; $ring < $rings; ++$ring) {
            $next = [];
            foreach ($shifted as $at => $coefficient) {
                $next[$at + 2] = ($next[$at + 2] ?? 0) - $coefficient;
                $next[$at - 2] = ($next[$at - 2] ?? 0) - $coefficient;
            }
            $shifted = $next;
        }

        return $shifted;
    }

    /**
     * @param array<int, int> $one
     * @param array<int, int> $other
     *
     * @return array<int, int>
     */
    private static function sum(array $one, array $other): array
    {
        foreach ($other as $at => $coefficient) {
            $one[$at] = ($one[$at] ?? 0) + $coefficient;
        }

        return array_filter($one, static fn (int $coefficient): bool => 0 !== $coefficient);
    }

    /**
     * Divides by -A² - A⁻², as one ring counts as 1.
     *
     * @param array<int, int> $polynomial lowest power first
     *
     * @return array<int, int>
     */
    private static function withoutOne(array $polynomial): array
    {
        $quotient = [];
        while ([] !== $polynomial) {
            $at = min(array_keys($polynomial));
            $coefficient = -$polynomial[$at];
            $quotient[$at + 2] = $coefficient;
            $polynomial = self::sum($polynomial, [$at => $coefficient, $at + 4 => $coefficient]);
        }

        return $quotient;
    }
}
