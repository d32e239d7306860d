<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\Ledger;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;

/**
 * The whole making of a piece: its cords, each with what its ends are used for, what is cut of that, and all acts in
 * their order, cutting and marking first. What is cut when its turn comes is cut there.
 */
final readonly class Sheet
{
    public Acts $acts;

    /**
     * @param list<WorkCord>        $cords
     * @param list<Cut>             $cuts  cords of a role that are cut alike together
     * @param array<string, string> $cutOf by the cord's id, the role of its cut
     * @param list<Act>             $acts
     */
    private function __construct(
        public array $cords,
        public array $cuts,
        private array $cutOf,
        array $acts,
    ) {
        $this->acts = new Acts($acts);
    }

    public static function of(Bench $bench, Length $step, Risk $risk, Hand $hand, ?Tension $said): self
    {
        $acts = $bench->acts();
        [$cuts, $cutOf, $before, $later] = [[], [], [], []];
        $groups = self::groups($bench->cords());
        foreach (self::named($groups) as $role => $group) {
            $cut = self::cut($role, $group, $step, $risk, $hand, $said);
            $cuts[] = $cut;
            foreach ($group as $one) {
                $cutOf[$one->id] = $role;
            }
            $now = array_values(array_filter($group, static fn (WorkCord $one): bool => !$one->handling->isLater));
            $then = array_values(array_filter($group, static fn (WorkCord $one): bool => $one->handling->isLater));
            if ([] !== $now) {
                $before[] = self::cutting($cut, $now);
                $marked = self::marking($cut, $now);
                $before = null === $marked ? $before : [...$before, $marked];
            }
            if ([] !== $then) {
                $later[] = [
                    $then,
                    array_values(array_filter([self::cutting($cut, $then), self::marking($cut, $then)])),
                ];
            }
        }

        return new self(
            $bench->cords(),
            $cuts,
            $cutOf,
            $bench->habits->reminders->of(self::with([...self::inOrder($before), ...$acts], $later)),
        );
    }

    /**
     * Returns the groups by the role that each is told by: with a number where a role has several.
     *
     * @param list<non-empty-list<WorkCord>> $groups
     *
     * @return array<string, non-empty-list<WorkCord>>
     */
    private static function named(array $groups): array
    {
        $ofRole = array_count_values(array_map(static fn (array $group): string => $group[0]->role, $groups));
        [$named, $number] = [[], []];
        foreach ($groups as $group) {
            $cord = $group[0];
            $number[$cord->role] = ($number[$cord->role] ?? 0) + 1;
            $named[match (true) {
                1 === $ofRole[$cord->role] => $cord->role,
                $cord->handling->place > 0 => $cord->role.' '.$cord->handling->place,
                default => $cord->role.' '.$number[$cord->role],
            }] = $group;
        }

        return $named;
    }

    /**
     * Returns the cut of which a cord is one.
     */
    public function cutOf(WorkCord $cord): Cut
    {
        foreach ($this->cuts as $cut) {
            if ($cut->role === $this->cutOf[$cord->id]) {
                return $cut;
            }
        }

        throw new \LogicException('Nobody cuts '.$cord->id.'.');
    }

    /**
     * Returns how long an end is when its cord is cut: to where it is folded, or where the piece begins on it.
     */
    public function lengthOf(End $end): Length
    {
        $cut = $this->cutOf($end->cord);

        return match (true) {
            $end->cord->handling->oneWay => $cut->length,
            $end === $end->cord->a => $cut->parting->at,
            default => $cut->length->minus($cut->parting->at),
        };
    }

    /**
     * Returns the first of the cords that are cut so.
     */
    public function cordOf(Cut $cut): WorkCord
    {
        foreach ($this->cords as $cord) {
            if ($this->cutOf[$cord->id] === $cut->role) {
                return $cord;
            }
        }

        throw new \LogicException('Nothing is cut as '.$cut->role.'.');
    }

    /**
     * Returns which knots a cord of that cut ties in the body, as one of its ends counts them: how many, and what one
     * takes of that end as expected, in mm.
     *
     * @return list<array{string, int, float}>
     */
    public function knotsOf(Cut $cut): array
    {
        $cord = $this->cordOf($cut);
        [$counts, $kinds] = [[], []];
        foreach ($this->acts->all as $act) {
            $isOutside = \in_array($cord->task, [Task::Slider, Task::Thread], true);
            if (null === $act->stint->knot || Part::Body !== $act->part && !$isOutside) {
                continue;
            }
            $count = (int) round($act->stint->ties()[$act->stint->knot] ?? 1.0);
            foreach ($act->stint->takes as $spent) {
                if ($spent->end->cord === $cord && $spent->knots > 0.0) {
                    $each = $spent->knots / max(1, $count);
                    $key = $act->stint->knot.' '.round($each, 4);
                    $kinds[$key] = [$act->stint->knot, $each];
                    $counts[$key][$spent->end->id] = ($counts[$key][$spent->end->id] ?? 0) + $count;
                }
            }
        }
        $knots = [];
        foreach ($kinds as $key => [$knot, $each]) {
            $knots[] = [$knot, max([0, ...array_values($counts[$key] ?? [])]), $each];
        }

        return $knots;
    }

    /**
     * Returns what knots of one kind in the body take of a cord of that cut, with both its ends, as expected, in mm.
     */
    public function tiedOf(Cut $cut, string $knot): float
    {
        $cord = $this->cordOf($cut);
        $sum = 0.0;
        foreach ($this->acts->all as $act) {
            foreach (Part::Body === $act->part && $act->stint->knot === $knot ? $act->stint->takes : [] as $spent) {
                $sum += $spent->end->cord === $cord ? $spent->knots : 0.0;
            }
        }

        return $sum;
    }

    /**
     * @param list<WorkCord> $cords
     *
     * @return list<non-empty-list<WorkCord>> those of one role that are cut alike
     */
    private static function groups(array $cords): array
    {
        $groups = [];
        foreach ($cords as $cord) {
            foreach ($groups as $i => $group) {
                $first = $group[0];
                if (
                    $first->role === $cord->role && $first->handling->place === $cord->handling->place
                    && $first->handling->folds === $cord->handling->folds
                    && $first->handling->oneWay === $cord->handling->oneWay
                    && $first->a->ledger->equals($cord->a->ledger) && $first->b->ledger->equals($cord->b->ledger)
                ) {
                    $groups[$i][] = $cord;
                    continue 2;
                }
            }
            $groups[] = [$cord];
        }

        return array_values($groups);
    }

    /**
     * @param non-empty-list<WorkCord> $cords
     */
    private static function cut(string $role, array $cords, Length $step, Risk $risk, Hand $hand, ?Tension $said): Cut
    {
        $cord = $cords[0];
        $parts = ['straight' => 0.0, 'knots' => 0.0, 'closure' => 0.0, 'ends' => 0.0];
        foreach ($cord->ends() as $end) {
            $parts['straight'] += $end->straight;
            $parts['knots'] += $end->knots;
            $parts['closure'] += $end->closure;
            $parts['ends'] += $end->held;
        }
        $ledgers = array_map(static fn (End $end): Ledger => $end->ledger, $cord->ends());

        return Cut::of(
            $role,
            \count($cords),
            $cord->material,
            $cord->handling->folds,
            $step,
            $ledgers ?: [$cord->a->ledger],
            $parts,
            $risk,
            $hand,
            $said,
        );
    }

    /**
     * @param non-empty-list<WorkCord> $cords
     */
    private static function cutting(Cut $cut, array $cords): Act
    {
        return new Act(
            ActKind::Cut,
            Part::Cords,
            new Message('cut', [
                'count' => \count($cords),
                'role' => $cut->role,
                'length' => $cut->length,
                'colour' => $cut->cord->colour->hex,
            ]),
            stint: new Stint(moves: [], count: \count($cords)),
            grip: new Grip(role: $cords[0]->role),
            care: new EndCare(cords: $cords),
            spot: new Spot(sizes: ['length' => $cut->length]),
            advice: new Advice(
                looks: Task::Rope === $cords[0]->task ? [new Message('look-tape')] : [],
                tools: [Tool::Tape, Tool::Scissors],
            ),
        );
    }

    /**
     * @param non-empty-list<WorkCord> $cords
     */
    private static function marking(Cut $cut, array $cords): ?Act
    {
        $cord = $cords[0];
        $isUnmarked = $cord->handling->isUnmarked || $cord->handling->oneWay || Task::Slider === $cord->task;
        if ($isUnmarked || null === $cut->parting->fold && null === $cut->parting->begin) {
            return null;
        }
        $isLong = null !== $cut->parting->fold && $cut->parting->at->isLongerThan($cut->length->times(0.5));
        $at = $cut->parting->fold ?? $cut->parting->at;

        return new Act(
            ActKind::Mark,
            Part::Cords,
            new Message(null === $cut->parting->fold ? 'mark-begin' : 'mark-fold', [
                'role' => $cut->role,
                'at' => $at,
                'count' => \count($cords),
                'short' => $at->isShorterThan($cut->length->times(0.45)) ? 'yes' : 'no',
            ]),
            grip: new Grip(role: $cord->role),
            spot: new Spot(
                marks: array_map(
                    static fn (WorkCord $one): Landmark => Landmark::of(
                        'tip',
                        null,
                        $isLong ? $one->b->id : $one->a->id,
                    ),
                    $cords,
                ),
                makes: [Landmark::of('mark')],
                sizes: ['distance' => $at],
            ),
            advice: new Advice(tools: [Tool::Tape]),
        );
    }

    /**
     * @param list<Act> $acts
     *
     * @return list<Act> all cuts before all marks
     */
    private static function inOrder(array $acts): array
    {
        return [
            ...array_values(array_filter($acts, static fn (Act $act): bool => ActKind::Cut === $act->does)),
            ...array_values(array_filter($acts, static fn (Act $act): bool => ActKind::Cut !== $act->does)),
        ];
    }

    /**
     * @param list<Act>                              $acts
     * @param list<array{list<WorkCord>, list<Act>}> $later what is cut just before its cord is used
     *
     * @return list<Act>
     */
    private static function with(array $acts, array $later): array
    {
        foreach ($later as [$cords, $cutting]) {
            foreach ($acts as $i => $act) {
                foreach ([...$act->grip->by, ...$act->grip->around, ...$act->grip->through] as $end) {
                    if (\in_array($end->cord, $cords, true)) {
                        array_splice($acts, $i, 0, $cutting);
                        continue 3;
                    }
                }
            }
        }

        return $acts;
    }
}
