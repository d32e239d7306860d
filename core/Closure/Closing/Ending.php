<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Said;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Closing;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Loose;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;

/**
 * What every way to close a piece has in common: working ends made safe where they are, before the closure or with it,
 * and the ends that are left at last.
 */
abstract readonly class Ending implements Closing
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
     * @return list<Loose> what is left for last
     */
    final protected function workingEnds(Bench $bench, Outlet $start, Outlet $finish, bool $isLast = false): array
    {
        $groups = [];
        $acts = [];
        foreach ([$start, $finish] as $at) {
            foreach ($at->tied as $end) {
                $end->keep($bench->habits->hold(false)->millimetres);
            }
            if ($at->inTurn) {
                array_push($acts, ...self::pairByPair($bench, $at, $isLast));
            } elseif ([] !== $at->tied) {
                $groups[] = new Loose($at->tied, $at->edge);
            }
        }
        $left = $bench->habits->working->isLast() || $isLast ? $groups : [];
        $acts = [...$acts, ...(new Finish($bench->habits))->of([] === $left ? $groups : [])];
        $bench->write('working ends', $acts, ['body', 'trial']);

        return $left;
    }

    /**
     * Returns how each pair of working ends is tied off, made safe and dry before the next.
     *
     * @return list<Act>
     */
    private static function pairByPair(Bench $bench, Outlet $at, bool $isOne): array
    {
        $acts = [];
        foreach (array_chunk($at->tied, 2) as $pair) {
            $knot = Landmark::of('pair-knot', null, $pair[0]->id);
            $acts[] = new Act(
                Does::Tie,
                Part::Ends,
                new Said('pair-off', ['role' => $pair[0]->cord->role, 'from' => $at->edge]),
                [Move::knot((new Overhand())->word())],
                role: $pair[0]->cord->role,
                by: $pair,
                takes: $bench->knots(new Overhand(), $bench->overhand($pair), $pair),
                marks: [$at->edge],
                makes: [$knot],
                endsAs: $isOne ? array_fill_keys(array_column($pair, 'id'), 'tied') : [],
                knot: (new Overhand())->word(),
                lesson: 'together',
            );
            $finish = new Finish($bench->habits);
            array_push($acts, ...($isOne ? $finish->atOnce($pair, $knot) : $finish->of([new Loose($pair, $knot)])));
        }

        return $acts;
    }

    /**
     * Writes the ends that are left.
     *
     * @param list<Loose>  $groups
     * @param list<string> $after
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
