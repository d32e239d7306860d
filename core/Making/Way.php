<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Construction\Role;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Said;

/**
 * The way in which pieces of one kind are made: what is cut and marked, how it is begun, worked, closed and finished.
 *
 * What is measured along the piece is due at the end of each step, from where its half begins.
 */
abstract readonly class Way
{
    /** Knots that a maker ties with a straw to wind them on from so many turns on. */
    private const WOUND = 3;

    protected Side $side;

    public function __construct(protected Plan $plan)
    {
        $this->side = $plan->draft->piece->habits->side;
    }

    /**
     * @return list<Step>
     */
    final public function steps(): array
    {
        $closing = Closings::all()->of($this->plan);

        return [
            ...$this->cuts(),
            ...$this->marks(),
            ...$this->tips(),
            ...$this->opening($closing->opening($this->plan)),
            ...$this->body(),
            ...$this->trial(),
            ...$closing->closing($this->plan),
            ...$this->covering(),
            ...(new Ends($this->plan))->steps($closing->takesEnds()),
        ];
    }

    /**
     * Returns how the work is begun: fixed, folded, hung.
     *
     * @param list<Step> $closure what of its closure is made before the body: a loop, a first end
     *
     * @return list<Step>
     */
    abstract protected function opening(array $closure): array;

    /**
     * Returns what is made over the closure once it holds.
     *
     * @return list<Step>
     */
    protected function covering(): array
    {
        return [];
    }

    /**
     * @return list<Step>
     */
    protected function cuts(): array
    {
        return array_map(static fn (Cut $cut): Step => Step::plain(
            Deed::Cut,
            'cut',
            [
                'count' => $cut->count,
                'role' => $cut->role,
                'length' => $cut->length,
                'colour' => $cut->cord->colour->hex,
            ],
            [Tool::Tape, Tool::Scissors],
            $cut->role,
            count: $cut->count,
        ), $this->plan->cuts);
    }

    /**
     * Returns the marks on cords: where they fold, where the body begins on them. What is cut a little ahead of need,
     * as a slider's cord, is marked by nothing.
     *
     * @return list<Step>
     */
    protected function marks(): array
    {
        $marks = [];
        foreach ($this->plan->cuts as $cut) {
            if ('slider' === $cut->role) {
                continue;
            }
            if (null !== $cut->fold) {
                $marks[] = $this->mark('mark-fold', $cut, $cut->fold);
            } elseif ($cut->folded) {
                $marks[] = $this->mark('mark-middle', $cut, $cut->length->times(0.5));
            } elseif (null !== $cut->begin) {
                $marks[] = $this->mark('mark-begin', $cut, $cut->begin);
            }
        }

        return $marks;
    }

    protected function mark(string $key, Cut $cut, Length $at): Step
    {
        return Step::plain(
            Deed::Mark,
            $key,
            ['role' => $cut->role, 'at' => $at, 'count' => $cut->count],
            [Tool::Tape],
            $cut->role,
        );
    }

    /**
     * Returns the tips that beads are strung with: one kind of step for each cord that passes any.
     *
     * @return list<Step>
     */
    protected function tips(): array
    {
        $draft = $this->plan->draft;
        $passing = [];
        foreach ($draft->setting->elements as $element) {
            foreach ([] === $element->beside ? [$element] : $element->beside as $bead) {
                if (isset($draft->piece->beads[$bead->name])) {
                    $passes = $draft->construction->passes($draft->piece, $bead);
                    foreach ($passes as $cord) {
                        $passing[$cord->fibre->value.$cord->thickness] = [$cord, \count($passes)];
                    }
                }
            }
        }

        return array_values(array_map(static fn (array $pass): Step => Step::plain(
            Deed::Tip,
            $pass[0]->fibre->isElastic() ? 'tip-elastic' : 'tip-'.$draft->piece->habits->ending($pass[0]->fibre)->value,
            ['thickness' => $pass[0]->thickness->written(Unit::Millimetre), 'count' => $pass[1]],
            $pass[1] > 1 ? [Tool::Needle, Tool::Scissors] : [Tool::Scissors],
        ), $passing));
    }

    /**
     * @return list<Step>
     */
    protected function body(): array
    {
        $halves = $this->halves();
        $steps = [];
        foreach ($halves as $i => $half) {
            $number = 1 === \count($halves) ? 0 : $i + 1;
            foreach ($this->half($half) as $step) {
                $steps[] = $step->ofHalf($number);
            }
            if (1 === $number) {
                $steps[] = $this->turning($half->length());
            } elseif (2 === $number) {
                $steps[] = Step::plain(Deed::Compare, 'compare-halves', ['due' => $half->length()], [Tool::Tape]);
            }
        }

        return $steps;
    }

    /**
     * Returns what is done between the halves: the first is measured, as the second is held to its real length.
     */
    protected function turning(Length $due): Step
    {
        return Step::plain(Deed::Compare, 'half-done', ['due' => $due], [Tool::Tape]);
    }

    /**
     * Returns the parts of the body that are worked each from its own beginning: all of it, or from its middle to
     * either end.
     *
     * @return non-empty-list<Half>
     */
    protected function halves(): array
    {
        return [Half::whole($this->plan->draft->setting)];
    }

    /**
     * @return list<Step>
     */
    protected function half(Half $half): array
    {
        $steps = [];
        $bare = Length::zero();
        foreach ($half->runs($this->joins(...)) as $run) {
            if (ElementKind::Bare === $run->element->kind) {
                $bare = $bare->plus($run->length());
                continue;
            }
            array_push($steps, ...$this->run($run, $bare));
            $bare = Length::zero();
        }

        return $steps;
    }

    /**
     * Returns whether what follows is more of the same: one run of knots, or of beads one after the other.
     */
    protected function joins(Element $last, Element $next): bool
    {
        return null !== $next->knot && $last->word() === $next->word() && $this->tying($last) === $this->tying($next)
            && $last->wraps === $next->wraps
            || $last->isBead() && $next->isBead() && $last->lane === $next->lane && $last->strand === $next->strand;
    }

    /**
     * @param Length $bare cord that lies bare before it
     *
     * @return list<Step>
     */
    protected function run(Run $run, Length $bare): array
    {
        return match ($run->element->kind) {
            ElementKind::Knot => [$this->tie($run, $bare)],
            ElementKind::Bead, ElementKind::Letter, ElementKind::Focal, ElementKind::Charm => [
                $this->string($run, $bare),
            ],
            ElementKind::Beside => $this->beside($run, $bare),
            ElementKind::Rows,
            ElementKind::Wave,
            ElementKind::Link,
            ElementKind::Net,
            ElementKind::Braid => $this->woven($run, $bare),
            ElementKind::Bare => [],
        };
    }

    protected function tie(Run $run, Length $bare): Step
    {
        $knot = $run->element->knot ?? throw new \LogicException('What is tied is no knot.');
        $moves = $this->moves($run->element);
        $isWound = ($run->element->wraps ?? 0) >= self::WOUND;

        return new Step(
            Deed::Tie,
            new Said($bare->isZero() ? 'tie' : 'tie-after', [
                'count' => $run->count(),
                'knot' => $knot->word(),
                'turns' => $run->element->wraps ?? 0,
                'bare' => $bare,
                'role' => $this->tying($run->element) ?? 'none',
            ]),
            $moves,
            $run->count() * \count($moves),
            $this->tying($run->element),
            $this->acting($run->element),
            $run->from,
            $run->due(),
            $run->at,
            $run->along(),
            Manner::Own === $knot->manner() ? new Said('look-place') : null,
            $isWound ? [Tool::Straw] : [],
            $knot->word(),
        );
    }

    protected function string(Run $run, Length $bare): Step
    {
        $first = $run->element;
        $isFinding = !isset($this->plan->draft->piece->beads[$first->name]);
        $beads = [];
        foreach ($run->elements as $element) {
            foreach ([] === $element->beside ? [$element] : $element->beside as $i => $bead) {
                $beads[] = Move::bead(Strung::by($bead, [] === $element->beside ? null : $i + 1));
            }
        }

        return new Step(
            $isFinding ? Deed::Fix : Deed::Bead,
            new Said(match (true) {
                ElementKind::Charm === $first->kind => 'hang',
                $isFinding => 'finding',
                default => 'bead-'.$first->lane->value,
            }, [
                'count' => \count($beads),
                'bead' => (string) $first->name,
                'strand' => $first->strand ?? 0,
                'bare' => $bare,
            ]),
            $beads,
            \count($beads),
            from: $run->from,
            due: $run->due(),
            at: $run->at,
            along: $run->along(),
        );
    }

    /**
     * Returns the bead or finding in the middle, where it goes on before all else.
     *
     * @param float $at where it begins in the drawing, in mm
     */
    protected function focal(Element $focal, float $at): Step
    {
        return $this->string(new Run([$focal], Length::zero(), $at, 1), Length::zero());
    }

    /**
     * Returns beads that lie side by side, each lane for itself: those of the left, of the right, of each strand.
     *
     * @return list<Step>
     */
    protected function beside(Run $run, Length $bare): array
    {
        $lanes = [];
        foreach ($run->element->beside as $bead) {
            $lanes[$bead->lane->value.' '.($bead->strand ?? 0)][] = Move::bead(Strung::by($bead));
        }
        $steps = [];
        foreach ($lanes as $beads) {
            $bead = $beads[0]->bead ?? throw new \LogicException('What is strung is no bead.');
            $steps[] = new Step(
                Deed::Bead,
                new Said('bead-'.$bead->lane->value, [
                    'count' => \count($beads),
                    'bead' => $bead->name,
                    'strand' => $bead->strand ?? 0,
                    'bare' => $bare,
                ]),
                $beads,
                \count($beads),
                acting: Acting::tryFrom($bead->lane->value),
                from: $run->from,
                due: $run->due(),
                at: $run->at,
                along: \count($steps) === \count($lanes) - 1 ? $run->along() : 0.0,
                lane: \count($lanes) > 1 ? \count($steps) + 1 : 0,
            );
        }

        return $steps;
    }

    /**
     * Returns what only some kinds of pieces have.
     *
     * @return list<Step>
     */
    protected function woven(Run $run, Length $bare): array
    {
        throw new \LogicException('Nobody says how a '.$run->element->word().' is made here.');
    }

    /**
     * Returns the moves of one knot: both halves of a square knot, from the maker's own side on.
     *
     * @return non-empty-list<Move>
     */
    protected function moves(Element $element): array
    {
        $knot = $element->knot ?? throw new \LogicException('What is tied is no knot.');
        $other = $this->side->other();

        return match (true) {
            Manner::Paired !== $knot->manner() => [Move::knot($knot->word())],
            0 === $knot->twist() => [
                Move::half($knot->word(), $this->side),
                Move::half($knot->word(), $other),
            ],
            default => [Move::knot($knot->word(), $knot->twist() > 0 ? Side::Left : Side::Right)],
        };
    }

    /**
     * Returns the cord that ties an element: what it takes knots of, most of all.
     */
    protected function tying(Element $element): ?string
    {
        [$role, $most] = [null, Length::zero()];
        foreach ($element->takes as $lane => $take) {
            if ($take->knots->isLongerThan($most)) {
                [$role, $most] = [Role::ofTaking((string) $lane), $take->knots];
            }
        }

        return isset($this->plan->draft->piece->cords[$role]) ? $role : null;
    }

    protected function acting(Element $element): ?Acting
    {
        return Manner::Paired === $element->knot?->manner() ? Acting::Both : null;
    }

    /**
     * Returns the trial on the wearer, before anything is tightened for good.
     *
     * @return list<Step>
     */
    protected function trial(): array
    {
        $draft = $this->plan->draft;

        return [Step::plain(
            Deed::Try,
            'try-'.$draft->piece->wearer->place->value,
            ['body' => $draft->body(), 'worn' => $draft->worn()],
            [Tool::Tape],
            look: 'look-fit',
        )];
    }
}
