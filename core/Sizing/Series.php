<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Making\Steps;
use Rinkel\Core\Plan\Plan;

/**
 * Many pieces made together: each turn of work is done on all of them before the next, and glue cures on all at once.
 */
final readonly class Series
{
    /**
     * @param list<Turn> $turns in order
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
                $chains[$which] = self::chain(Steps::of($plan), $pace, $times);
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
            $turns[] = new Turn(Deed::from((string) $next), $pieces, $seconds / 60, $minutes);
        }

        return new self($turns);
    }

    /**
     * Returns for how many minutes hands are on all of them.
     */
    public function hands(): float
    {
        return array_sum(array_map(static fn (Turn $turn): float => $turn->minutes, $this->turns));
    }

    /**
     * Returns for how many minutes all of them are left alone.
     */
    public function waiting(): int
    {
        return array_sum(array_map(static fn (Turn $turn): int => $turn->waits, $this->turns));
    }

    /**
     * Returns the turns of one piece: deeds of one sort that follow each other are one.
     *
     * @return list<array{string, int, float, int}> deed, pieces, seconds of hands and minutes of waiting
     */
    private static function chain(Steps $steps, Pace $pace, int $times): array
    {
        $chain = [];
        foreach ($steps->all as $step) {
            $last = array_pop($chain);
            $deed = self::turn($step->deed)->value ?? $last[0] ?? Deed::Cut->value;
            if (null !== $last && $last[0] !== $deed) {
                $chain[] = $last;
                $last = null;
            }
            $chain[] = [
                $deed,
                $times,
                ($last[2] ?? 0.0) + $times * $pace->seconds($step),
                max($last[3] ?? 0, $step->minutes),
            ];
        }

        return $chain;
    }

    /**
     * Returns in which turn a deed is done; null of what goes with the one before it.
     */
    private static function turn(Deed $deed): ?Deed
    {
        return match ($deed) {
            Deed::Mark, Deed::Cut, Deed::Tip => Deed::Cut,
            Deed::Fix, Deed::Bead, Deed::Tie, Deed::Weave => Deed::Tie,
            Deed::Compare, Deed::Try => null,
            Deed::Close => Deed::Close,
            Deed::Secure => Deed::Secure,
            Deed::Trim => Deed::Trim,
            Deed::Wait => Deed::Wait,
        };
    }

    /**
     * Returns the turn to be done next: of those that pieces are at, the one that comes earliest at a bench.
     *
     * @param array<int, string|null> $at
     */
    private static function first(array $at): ?string
    {
        foreach ([Deed::Cut, Deed::Tie, Deed::Close, Deed::Secure, Deed::Trim, Deed::Wait] as $deed) {
            if (\in_array($deed->value, $at, true)) {
                return $deed->value;
            }
        }

        return null;
    }
}
