<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Making\Pace;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acts;

/**
 * Many pieces made together: each turn of work is done on all of them before the next, and glue cures on all at once.
 *
 * @internal
 */
final readonly class Series
{
    /**
     * @param list<SizeTurn>                    $turns  in order
     * @param array<int, list<array{int, int}>> $places by piece: each of its runs of work as the turn in which it is
     *                                                  done, and the act after its last
     */
    private function __construct(public array $turns, private array $places) {}

    /**
     * @param list<array{Plan, int}> $plans each with how many are made of it
     */
    public static function of(array $plans, Pace $pace): self
    {
        [$turns, $chains, $places, $acts] = [[], [], [], []];
        foreach ($plans as $which => [$plan, $times]) {
            if ($times > 0) {
                $chains[$which] = self::chain($plan->acts(), $pace, $times);
            }
        }
        // Turn by turn: what comes first in any piece is done in all of them that have it.
        while ([] !== array_filter($chains)) {
            $next = self::first(
                array_map(static fn (array $chain): ?Operation => $chain[0]->operation ?? null, $chains),
            );
            $turn = new SizeTurn($next, 0, 0.0, 0);
            foreach ($chains as $which => $chain) {
                if ($next === ($chain[0]->operation ?? null)) {
                    $turn = $turn->with($chain[0]);
                    $acts[$which] = ($acts[$which] ?? 0) + $chain[0]->acts;
                    $places[$which][] = [\count($turns), $acts[$which]];
                    array_shift($chains[$which]);
                }
            }
            $turns[] = $turn;
        }

        return new self($turns, $places);
    }

    /**
     * Returns in which turn an act of a piece is done, and which act of it is the first of another turn.
     *
     * @param int $act by its place; after the last one the piece is done
     *
     * @return array{int, int}|null null of a piece that is done, or is not there
     */
    public function turnOf(int $which, int $act): ?array
    {
        foreach ($this->places[$which] ?? [] as [$turn, $after]) {
            if ($act < $after) {
                return [$turn, $after];
            }
        }

        return null;
    }

    /**
     * Returns which of several pieces is worked on next: the first of those that are farthest behind.
     *
     * @param array<int, int> $at by piece the place of the act in hand
     *
     * @return int|null null once all are done
     */
    public function next(array $at): ?int
    {
        $turns = [];
        foreach ($at as $which => $act) {
            $turn = $this->turnOf($which, $act);
            if (null !== $turn) {
                $turns[$which] = $turn[0];
            }
        }

        return [] === $turns ? null : (int) array_search(min($turns), $turns, true);
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
     * @return list<SizeTurn>
     */
    private static function chain(Acts $acts, Pace $pace, int $times): array
    {
        [$chain, $last] = [[], null];
        foreach ($acts->all as $act) {
            $one = self::turn($act, $last, $pace, $times);
            if (null === $last || $last->operation === $one->operation) {
                $last = $last?->then($one) ?? $one;
            } else {
                $chain[] = $last;
                $last = $one;
            }
        }

        return null === $last ? [] : [...$chain, $last];
    }

    private static function turn(Act $act, ?SizeTurn $before, Pace $pace, int $times): SizeTurn
    {
        return new SizeTurn(
            Operation::of($act) ?? $before->operation ?? Operation::Cut,
            $times,
            $times * $pace->seconds($act) / 60,
            $pace->waits($act),
            1,
        );
    }

    /**
     * Returns the turn to be done next: of those that pieces are at, the one that comes earliest at a bench.
     *
     * @param array<int, Operation|null> $at of which one at least is something
     */
    private static function first(array $at): Operation
    {
        foreach (Operation::cases() as $operation) {
            if (\in_array($operation, $at, true)) {
                return $operation;
            }
        }

        throw new \LogicException('No piece is at anything.');
    }
}
