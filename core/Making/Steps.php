<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Plan\Plan;

/**
 * The whole making of a piece, from the first mark to the last trim, as steps in their order.
 */
final readonly class Steps
{
    /** @var list<int> moves before each step */
    private array $before;

    public int $moves;

    /**
     * @param list<Step> $all
     */
    private function __construct(public array $all)
    {
        $before = [];
        $moves = 0;
        foreach ($all as $step) {
            $before[] = $moves;
            $moves += $step->count;
        }
        $this->before = $before;
        $this->moves = $moves;
    }

    public static function of(Plan $plan): self
    {
        return new self(Ways::all()->for($plan)->steps());
    }

    /**
     * Returns the step that is in hand after so many moves, and how many of its own are done; the last step, done, at
     * the end.
     *
     * @return array{int, int} place of the step, from 0, and moves
     */
    public function at(int $moves): array
    {
        $moves = max(0, min($this->moves, $moves));
        foreach ($this->all as $i => $step) {
            if ($moves < $this->before[$i] + $step->count) {
                return [$i, $moves - $this->before[$i]];
            }
        }
        $last = max(0, \count($this->all) - 1);

        return [$last, ($this->all[$last] ?? null)->count ?? 0];
    }

    /**
     * Returns what of the piece is made after so many moves: its knots and beads, one after the other.
     *
     * @return list<string>
     */
    public function made(int $moves): array
    {
        $made = [];
        foreach ($this->all as $number => $step) {
            for ($i = 0, $last = min($step->count, $moves - $this->before($number)); $i < $last; ++$i) {
                $move = $step->move($i);
                if (null !== $step->due && (null !== $move->knot || null !== $move->bead)) {
                    $made[] = $step->half.' '.$move->told();
                }
            }
        }

        return $made;
    }

    /**
     * Returns after how many moves of this making as much is made, where it begins just so; null where it does not.
     *
     * @param list<string> $made by another
     */
    public function placeOf(array $made): ?int
    {
        $count = \count($made);
        if (\array_slice($this->made($this->moves), 0, $count) !== $made) {
            return null;
        }
        $done = 0;
        foreach ($this->all as $number => $step) {
            if (0 === $count && null !== $step->due) {
                return $this->before($number);
            }
            for ($i = 0; $i < $step->count && null !== $step->due; ++$i) {
                $move = $step->move($i);
                $done += null !== $move->knot || null !== $move->bead ? 1 : 0;
                if ($done === $count) {
                    return $this->before($number) + $i + 1;
                }
            }
        }

        return $this->moves;
    }

    /**
     * Returns how many of so many moves would have to be undone for another making to go on from there.
     */
    public function undone(int $moves, self $by): int
    {
        $made = $this->made($moves);
        $then = $by->made($by->moves);
        $alike = 0;
        while (isset($made[$alike]) && ($then[$alike] ?? null) === $made[$alike]) {
            ++$alike;
        }

        return $alike === \count($made) ? 0 : $moves - ($this->placeOf(\array_slice($made, 0, $alike)) ?? 0);
    }

    /**
     * Returns how many moves come before a step.
     */
    public function before(int $step): int
    {
        return $this->before[$step] ?? $this->moves;
    }

    /**
     * @return array<string, float> knots by word, halves singly
     */
    public function knots(): array
    {
        return $this->sums(static fn (Step $step): array => $step->ties());
    }

    /**
     * @return array<string, float> beads by name
     */
    public function beads(): array
    {
        return $this->sums(static fn (Step $step): array => $step->beads());
    }

    /**
     * @param callable(Step): array<string, float|int> $of
     *
     * @return array<string, float>
     */
    private function sums(callable $of): array
    {
        $sums = [];
        foreach ($this->all as $step) {
            foreach ($of($step) as $name => $count) {
                $sums[$name] = ($sums[$name] ?? 0.0) + $count;
            }
        }
        ksort($sums);

        return $sums;
    }
}
