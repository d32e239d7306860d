<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Making\Pace;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Acts;

/**
 * Many pieces made together: each turn of work is done on all of them before the next, and glue cures on all at once.
 */
final readonly class Series
{
    /**
     * @param list<SizeTurn> $turns in order
     */
    private function __construct(public array $turns) {}

    /**
     * @param list<array{Plan, int}> $plans each with how many are made of it
     */
    public static function of(array $plans, Pace $pace): self
    {
        [$turns, $chains] = [[], []];
        foreach ($plans as $which => [$plan, $times]) {
            if ($times > 0) {
                $chains[$which] = self::chain($plan->acts(), $pace, $times);
            }
        }
        // Turn by turn: what comes first in any piece is done in all of them that have it.
        while ([] !== array_filter($chains)) {
            $next = self::first(array_map(static fn (array $chain): ?string => $chain[0][0] ?? null, $chains));
            [$pieces, $seconds, $minutes] = [0, 0.0, 0];
            foreach ($chains as $which => $chain) {
                if ($next === ($chain[0][0] ?? null)) {
                    [, $count, $took, $waits] = $chain[0];
                    $pieces += $count;
                    $seconds += $took;
                    $minutes = max($minutes, $waits);
                    array_shift($chains[$which]);
                }
            }
            $turns[] = new SizeTurn(Operation::from((string) $next), $pieces, $seconds / 60, $minutes);
        }

        return new self($turns);
    }

    /**
     * Returns for how many minutes hands are on all of them.
     */
    public function hands(): float
    {
        return array_sum(array_map(static fn (SizeTurn $turn): float => $turn->minutes, $this->turns));
    }

    /**
     * Returns for how many minutes all of them are left alone.
     */
    public function waiting(): int
    {
        return array_sum(array_map(static fn (SizeTurn $turn): int => $turn->waits, $this->turns));
    }

    /**
     * Returns the turns of one piece: deeds of one sort that follow each other are one.
     *
     * @return list<array{string, int, float, int}> deed, pieces, seconds of hands and minutes of waiting
     */
    private static function chain(Acts $acts, Pace $pace, int $times): array
    {
        $chain = [];
        foreach ($acts->all as $act) {
            $last = array_pop($chain);
            $deed = Operation::of($act)->value ?? $last[0] ?? Operation::Cut->value;
            if (null !== $last && $last[0] !== $deed) {
                $chain[] = $last;
                $last = null;
            }
            $chain[] = [
                $deed,
                $times,
                ($last[2] ?? 0.0) + $times * $pace->seconds($act),
                max($last[3] ?? 0, $pace->waits($act)),
            ];
        }

        return $chain;
    }

    /**
     * Returns the turn to be done next: of those that pieces are at, the one that comes earliest at a bench.
     *
     * @param array<int, string|null> $at
     */
    private static function first(array $at): ?string
    {
        foreach (Operation::cases() as $operation) {
            if (\in_array($operation->value, $at, true)) {
                return $operation->value;
            }
        }

        return null;
    }
}
