<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\Acts;

/**
 * Every way on when a cord in hand will not be enough, each worked out, the least change first. What is tied stays
 * tied: a plan that would have it otherwise is none of them.
 *
 * @internal
 */
final readonly class ShortCordOptions
{
    /** What a new cord is laid in with, in mm, at either side of where it joins (judgement). */
    private const HIDDEN = 75.0;

    /** A larger bead than these times what it is, is another piece (judgement). */
    private const LARGER = 1.6;

    public function __construct(
        private Plan $plan,
        private Acts $steps,
        private TapeReading $reached,
        private Forecast $forecast,
        private Planner $planner,
    ) {}

    /**
     * @return list<ShortCordOption> the least change first; none while the cord is enough
     */
    public function all(): array
    {
        $cut = null === $this->reached->role ? null : Worked::until($this->plan, $this->steps, $this->reached->moves)
            ->cut($this->reached->role);
        $chance = $this->forecast->suffices();
        if (null === $cut || null === $chance || $chance >= 1 - 1 / $this->plan->draft->piece->risk) {
            return [];
        }
        $fewer = $this->fewer();
        $ways = array_values(array_filter([
            null === $fewer ? null : $this->sooner($fewer),
            $this->swapped($cut),
            $this->joined($cut),
            ...$this->closed($cut),
            null === $fewer ? null : $this->bare($fewer),
            $this->larger(),
        ]));
        usort($ways, static fn (ShortCordOption $a, ShortCordOption $b): int => [$a->harm, $a->key] <=> [$b->harm, $b->key]);

        return $ways;
    }

    /**
     * Returns the last part that repeats to fit, how many repeats fewer the cord serves, and the plan with them.
     *
     * @return array{string, int, Plan, PieceSpec}|null
     */
    private function fewer(): ?array
    {
        $tree = $this->plan->draft->piece->pattern->tree;
        $path = null;
        foreach ($tree->parts as $i => $part) {
            $path = $part instanceof Group && $part->times instanceof Fit ? (string) $i : $path;
        }
        if (null === $path) {
            return null;
        }
        $shorter = fn (int $fewer): ?array => $this->planned(
            $this->plan->draft->piece->decided()->withPattern((new PatternEdit($tree))->counted($path, -$fewer)),
        );
        // What is tied says how many repeats can be left out at most; the more are, the less it takes.
        $most = self::first(
            min(Fit::MOST_MORE, max([1, ...$this->plan->draft->setting->counts])),
            static fn (int $fewer): bool => null === $shorter($fewer),
        ) - 1;
        $fewer = self::first(
            $most,
            fn (int $fewer): bool => null !== ($less = $shorter($fewer)) && $this->serves($less[0]),
        );
        $best = $fewer > $most ? null : $shorter($fewer);

        return null === $best ? null : [$path, $fewer, $best[0], $best[1]];
    }

    /**
     * Fewer repeats, and the closure sooner.
     *
     * @param array{string, int, Plan, PieceSpec} $fewer
     */
    private function sooner(array $fewer): ShortCordOption
    {
        [, $count, $plan, $piece] = $fewer;
        $zone = $this->zone($plan);

        return new ShortCordOption('sooner', new Message('way-sooner', [
            'count' => $count,
            'shorter' => $this->plan->draft->body()->minus($plan->draft->body()),
            'zone' => $zone->value,
        ]), $zone === $this->zone($this->plan) ? 0.0 : 4.0, $piece);
    }

    /**
     * Core and working cord change places for the rest.
     */
    private function swapped(Cut $cut): ?ShortCordOption
    {
        $core = Worked::until($this->plan, $this->steps, $this->reached->moves)->cut('core');
        $cannot = 'core' === $cut->role || $cut->count > 1 || null === $this->reached->left;
        if (null === $core || $core->count < 2 || $cannot) {
            return null;
        }
        $done = Worked::until($this->plan, $this->steps, $this->reached->moves)->lengths->done;
        $left = ($core->parting->folded ? $core->length->times(0.5) : $core->length)->millimetres
            - ($core->parting->begin->millimetres ?? 0.0) - $done;
        $needed = $this->forecast->rest()->millimetres;
        $straight = Worked::until($this->plan, $this->steps, $this->reached->moves)->lengths->rest
            + $core->part('closure')->millimetres / 2;

        return $left >= $needed && $this->reached->left->millimetres >= $straight
            ? new ShortCordOption('swap', new Message('way-swap', [
                'left' => Length::ofMillimetres($left),
                'needed' => Length::ofMillimetres($needed),
            ]), 1.0, null, $this->reached->moves, Length::ofMillimetres($left)->minus($this->reached->left))
            : null;
    }

    /**
     * A new cord joins in, where it is seen least: inside the next bead, else under the next knot.
     */
    private function joined(Cut $cut): ShortCordOption
    {
        $serves = $this->forecast->serves();
        $rest = Worked::until($this->plan, $this->steps, $this->reached->moves)->lengths->rest;
        // As much as is missing, at the risk that its maker accepts.
        $lacks = ($this->forecast->needed() ?? [Length::zero(), Length::zero()])[1]
            ->minus($this->reached->left ?? Length::zero());
        $length = Length::longest($this->forecast->rest()->times(1 - $serves), $lacks)
            ->plus(Length::ofMillimetres(2 * self::HIDDEN));
        $place = null;
        $at = $this->reached->moves;
        $gone = 0.0;
        foreach ($this->steps->all as $i => $step) {
            $done = max(0, min($step->stint->count, $this->reached->moves - $this->steps->before($i)));
            if ($done === $step->stint->count || null === $step->spot->due || 0.0 === $step->spot->along) {
                continue;
            }
            $each = abs($step->spot->along) / $step->stint->count;
            if (0 === $done && null !== $step->stint->move(0)->bead && $gone <= $serves * $rest) {
                [$place, $at] = [[$step->stint->move(0)->bead->name, $step->spot->due], $this->steps->before($i)];
            } elseif (null === $place && $gone < $serves * $rest) {
                $more = min($step->stint->count - $done, (int) floor(($serves * $rest - $gone) / $each));
                $at = $this->steps->before($i) + $done + $more;
            }
            $gone += $each * ($step->stint->count - $done);
        }
        $step = $this->plan->draft->piece->habits->cutStep($this->plan->draft->piece->unit);

        $new = $length->times($cut->parting->folded ? 2.0 : 1.0)->roundedUpTo($step);

        return new ShortCordOption('join', null === $place
            ? new Message('way-join', ['length' => $new, 'at' => Length::ofMillimetres($serves * $rest)])
            : new Message(
                'way-join-bead',
                ['length' => $new, 'bead' => $place[0], 'at' => $place[1]],
            ), 3.0, null, $at, $length->minus(Length::ofMillimetres(2 * self::HIDDEN)));
    }

    /**
     * Closures that take less of the cord.
     *
     * @return list<ShortCordOption>
     */
    private function closed(Cut $cut): array
    {
        $ways = [];
        foreach ($this->plan->draft->construction->closures() as $kind) {
            if ($kind->id() === $this->plan->draft->fastened->kind->id()) {
                continue;
            }
            $other = $this->planned(
                $this->plan->draft->piece->decided()->withClosure($this->plan->draft->piece->closure->as($kind)),
            );
            if (null !== $other && $this->serves($other[0])) {
                $now = $cut->part('closure')->plus($cut->part('ends'));
                $then = Length::zero();
                foreach ($other[0]->cuts as $one) {
                    $then = $one->role === $cut->role ? $one->part('closure')->plus($one->part('ends')) : $then;
                }
                if ($then->isShorterThan($now)) {
                    $ways[] = new ShortCordOption('closure-'.$kind->id(), new Message('way-closure', [
                        'closure' => $kind->id(),
                        'saved' => $now->minus($then),
                    ]), 2.0, $other[1]);
                }
            }
        }

        return $ways;
    }

    /**
     * The same repeats stay out, and bare cord takes their place.
     *
     * @param array{string, int, Plan, PieceSpec} $fewer
     */
    private function bare(array $fewer): ?ShortCordOption
    {
        [$path, , $plan] = $fewer;
        $bare = $this->plan->draft->body()->minus($plan->draft->body());
        // What fits gives way to the gap by itself.
        $with = $this->planned($this->plan->draft->piece->decided()->withPattern(
            (new PatternEdit($this->plan->draft->piece->pattern->tree))->insertedAfter($path, new Gap($bare)),
        ));

        return null !== $with && $this->serves($with[0])
            ? new ShortCordOption('bare', new Message('way-bare', ['bare' => $bare]), 3.5, $with[1])
            : null;
    }

    /**
     * Larger beads take the place of knots, where none of them is on yet.
     */
    private function larger(): ?ShortCordOption
    {
        $on = [];
        $ahead = [];
        foreach ($this->steps->all as $i => $step) {
            foreach ($step->stint->beads() as $name => $count) {
                if ($this->steps->before($i) < $this->reached->moves) {
                    $on[$name] = true;
                } else {
                    $ahead[$name] = ($ahead[$name] ?? 0) + $count;
                }
            }
        }
        $rest = Worked::until($this->plan, $this->steps, $this->reached->moves)->lengths->restKnots;
        foreach (array_diff_key($ahead, $on) as $name => $count) {
            $bead = $this->plan->draft->piece->beads[$name] ?? null;
            $more = $rest * (1 - $this->forecast->serves()) / max(1, $count);
            if (null !== $bead && $more + $bead->length->millimetres <= self::LARGER * $bead->length->millimetres) {
                $length = $bead->length->plus(Length::ofMillimetres($more));
                $with = $this->planned($this->plan->draft->piece->decided()->withBeads(
                    [$name => $bead->enlarged($length)] + $this->plan->draft->piece->beads,
                ));

                if (null !== $with && $this->serves($with[0])) {
                    return new ShortCordOption('larger', new Message('way-larger', [
                        'bead' => (string) $name,
                        'more' => Length::ofMillimetres($more),
                        'length' => $length,
                    ]), 2.5, $with[1]);
                }
            }
        }

        return null;
    }

    /**
     * Returns the first number from 1 to $last of which $holds, where it holds of all after it too; one more when of
     * none.
     *
     * @param callable(int): bool $holds
     */
    private static function first(int $last, callable $holds): int
    {
        [$from, $to] = [1, $last + 1];
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            [$from, $to] = $holds($middle) ? [$from, $middle] : [$middle + 1, $to];
        }

        return $from;
    }

    private function zone(Plan $plan): FitZone
    {
        return (new EaseScale($plan->draft->piece->wearer))->zoneOf($plan->draft->worn());
    }

    /**
     * Returns whether the cord that was measured is enough for another plan, at the risk that its maker accepts.
     */
    private function serves(Plan $plan): bool
    {
        $steps = $plan->acts();
        $moves = $steps->placeOf($this->steps->made($this->reached->moves));

        return null !== $moves && Forecast::of($plan, $steps, new TapeReading(
            $moves,
            $this->reached->length,
            $this->reached->role,
            $this->reached->left,
            begun: $this->forecast->begun(),
        ))->serves() >= 1.0;
    }

    /**
     * Returns another plan of the piece in which all that is made stays as it is; null where there is none.
     *
     * @return array{Plan, PieceSpec}|null
     */
    private function planned(PieceSpec $wish): ?array
    {
        try {
            $plan = $this->planner->plan($wish);

            return null === $plan->acts()->placeOf(
                $this->steps->made($this->reached->moves),
            ) ? null : [$plan, $wish];
        } catch (PieceUnreadable) {
            return null;
        }
    }
}
