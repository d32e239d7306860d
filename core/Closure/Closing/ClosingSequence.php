<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Closing;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Outlet;

/**
 * What every way to close a piece has in common: working ends made safe where they are, before the closure or with it,
 * and the ends that are left at last.
 *
 * @internal
 */
abstract readonly class ClosingSequence implements Closing
{
    public function __construct(private bool $takesAll = false) {}

    final public function takesAll(): bool
    {
        return $this->takesAll;
    }

    public function begins(bool $isFolded): bool
    {
        return $isFolded;
    }

    public function joins(bool $isFolded): bool
    {
        return false;
    }

    public function crimps(bool $isStart): bool
    {
        return false;
    }

    /**
     * Writes how working ends are made safe: before what closes the piece, where neither the maker nor the closure
     * leaves them for last. Pairs that are finished by turns are always done before.
     *
     * @return list<LooseEnds> what is left for last
     */
    final protected function workingEnds(Bench $bench, Outlet $start, Outlet $finish, bool $isLast = false): array
    {
        $groups = [];
        $acts = [];
        foreach ([$start, $finish] as $at) {
            foreach ($at->ends->tied as $end) {
                $end->keep($bench->habits->hold(false)->millimetres);
            }
            if ($at->ends->inTurn) {
                array_push($acts, ...PairEnds::of($bench, $at->ends->tied, $at->edge, $isLast));
            } elseif ([] !== $at->ends->tied) {
                $groups[] = new LooseEnds($at->ends->tied, $at->ends->tiedAt ?? $at->edge);
            }
        }
        $left = $bench->habits->order->working->isLast() || $isLast ? $groups : [];
        $acts = [...$acts, ...(new Finish($bench->habits))->of([] === $left ? $groups : [])];
        $bench->write('working ends', $acts, ['body', 'trial']);

        return $left;
    }

    /**
     * Writes the ends that are left.
     *
     * @param list<LooseEnds> $groups
     * @param list<string>    $after
     */
    final protected function lastEnds(Bench $bench, array $groups, array $after): void
    {
        $bench->write(
            'last ends',
            (new Finish($bench->habits))->of($groups),
            ['body', 'working ends', 'trial', ...$after],
        );
    }
}
