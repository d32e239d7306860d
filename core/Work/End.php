<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Cutting\Ledger;

/**
 * One end of a cord, from where the cord is folded or begins to its tip, and all that it is used for.
 *
 * @internal
 */
final class End
{
    public readonly Ledger $ledger;

    /** What the body takes of it straight and in knots, and what all else does, in mm. */
    public float $straight = 0.0;
    public float $knots = 0.0;
    public float $closure = 0.0;

    /** What is left of it to hold it by, or as its tail, in mm. */
    public float $held = 0.0;

    /**
     * @param string $id "working.1.a"
     */
    public function __construct(
        public readonly string $id,
        public readonly WorkCord $cord,
    ) {
        $this->ledger = new Ledger();
    }

    /**
     * Returns what the cords of some ends are called together: by their role, or as what they are where these differ.
     *
     * @param list<self> $ends
     */
    public static function rolesOf(array $ends): string
    {
        $roles = array_unique(array_map(static fn (self $end): string => $end->cord->role, $ends));
        $task = ($ends[0] ?? null)?->cord->task;

        return match (true) {
            \count($roles) > 1 && Task::Strand === $task => 'strands',
            \count($roles) > 1 && Task::Rope === $task => 'ropes',
            default => ($ends[0] ?? null)->cord->role ?? '',
        };
    }

    /**
     * Keeps so much of it beyond what is used, to hold it by or as a tail; no less than was kept before.
     */
    public function keep(float $millimetres): void
    {
        $more = max(0.0, $millimetres - $this->held);
        $this->held += $more;
        $this->ledger->exact($more);
    }

    public function uses(EndUse $spent, bool $isBody): void
    {
        if ($isBody || Task::Slider === $this->cord->task) {
            $this->straight += $spent->straight;
            $this->knots += $spent->knots;
        } else {
            $this->closure += $spent->straight + $spent->knots;
        }
        $spent->enter($this->ledger);
    }

    /**
     * Returns what hands take of it as expected, without what is held.
     */
    public function taken(): float
    {
        return $this->straight + $this->knots + $this->closure;
    }
}
