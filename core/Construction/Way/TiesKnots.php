<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\OnEnd;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActingEnd;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Tool;

/**
 * How a way ties a run of knots: which ends tie, around what, in which moves, and what there is to look at.
 *
 * @internal
 */
trait TiesKnots
{
    /** Knots that a maker winds around a straw from so many turns on. */
    private const WOUND = 2;

    protected function tie(WorkRun $run): Act
    {
        $element = $run->element;
        $knot = $element->knot ?? throw new \LogicException('What is tied is no knot.');
        $moves = $this->moves($element);
        $isWound = null !== $knot->usualTurns();
        $by = $this->ties($run);
        $isFree = $this->repeats->isOpen($element) && $knot->manner()->isPushed();
        $due = $run->due()->minus($this->skipped);
        $from = $this->last;
        $this->last = $this->edge($run);

        return new Act(
            $isWound ? ActKind::Wind : ActKind::Tie,
            Part::Body,
            new Message($isFree ? $this->untilKey() : $this->knotKey($run, $knot, \count($by)), [
                'due' => $due,
                'from' => $from,
                'first' => $from->id === $this->origin->id ? 'yes' : 'no',
            ] + $this->told($run, $knot)),
            stint: new Stint(
                moves: $moves,
                count: $run->count() * \count($moves),
                knot: $knot->word(),
                takes: $this->taken($run),
                adds: $run->length(),
                what: $element->word(),
                grows: $run->grows(),
            ),
            grip: new Grip($this->tying($element), $this->acting($element), $by, $this->around($run), half: $run->half),
            spot: $run->spot(marks: [$from], makes: $this->places($run), sizes: $isFree ? ['body' => $due] : []),
            advice: new Advice(
                looks: $this->tightened($run, \count($by)),
                tools: $isWound && ($element->mention->wraps ?? 0) >= self::WOUND ? [Tool::Straw] : [],
                lesson: $knot->word(),
            ),
        );
    }

    /**
     * @param int $by how many ends tie it
     */
    private function knotKey(WorkRun $run, Knot $knot, int $by): string
    {
        return match (true) {
            $by <= 1 || Manner::Own !== $knot->manner() => $this->tieKey($run),
            $this->tiesAll() => $this->allKey(),
            default => 'tie-each',
        };
    }

    /**
     * @return array<string, int|Landmark|string> what its sentence says of a run of knots, wherever it begins
     */
    private function told(WorkRun $run, Knot $knot): array
    {
        $role = $this->tying($run->element);

        return [
            'count' => $run->count(),
            'knot' => $knot->word(),
            'turns' => $run->element->mention->wraps ?? 0,
            'role' => $role ?? 'none',
            'to' => $this->edges->of($run->element, false),
            'origin' => 0 === $run->half ? $this->edges->brink(true)[0] : $this->origin,
            'end' => $this->workingEnd($run) ?? (null === $role ? 'none' : 'role'),
        ];
    }

    /**
     * Returns which sentence says that a run goes on until a length is reached.
     */
    protected function untilKey(): string
    {
        return 'tie-until';
    }

    /**
     * Returns which sentence says that all ends tie one knot together.
     */
    protected function allKey(): string
    {
        return 'tie-all';
    }

    /**
     * Returns which end of its cord ties a run, where one does: "left", "right", "long".
     */
    protected function workingEnd(WorkRun $run): ?string
    {
        return null;
    }

    /**
     * Returns which sentence says how a run of knots is tied.
     */
    protected function tieKey(WorkRun $run): string
    {
        return 'tie';
    }

    /**
     * Returns what there is to look at before a knot is tightened for good.
     *
     * @return list<Message>
     */
    protected function tightened(WorkRun $run, int $ends): array
    {
        $knot = $run->element->knot;

        return match (true) {
            null !== $knot?->usualTurns() => Finish::wound($this->draft->construction->ends($this->draft->piece)->cord),
            Manner::Paired === $knot?->manner() => $this->first(0 === $knot->twist() ? 'look-bumps' : 'look-spiral'),
            Manner::Own !== $knot?->manner() => [],
            $ends > 1 && $this->tiesAll() => [new Message('look-strands'), new Message('look-place')],
            default => [new Message('look-place')],
        };
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
        [$role, $most] = [null, 0.0];
        foreach ($element->takes as $lane => $take) {
            if ($take->knots->millimetres > $most) {
                [$role, $most] = [OnEnd::role((string) $lane), $take->knots->millimetres];
            }
        }

        return isset($this->draft->piece->cords[$role]) ? $role : null;
    }

    protected function acting(Element $element): ?ActingEnd
    {
        return Manner::Paired === $element->knot?->manner() ? ActingEnd::Both : null;
    }

    /**
     * Returns the ends that tie a run.
     *
     * @return list<End>
     */
    protected function ties(WorkRun $run): array
    {
        $ends = [];
        foreach ($this->lanesOf($run->half) as $lane => $some) {
            if (true === ($run->element->takes[$lane] ?? null)?->ties()) {
                array_push($ends, ...$some);
            }
        }

        return $ends;
    }

    /**
     * Returns whether several cords that tie a knot in themselves tie one of all.
     */
    protected function tiesAll(): bool
    {
        return true;
    }

    /**
     * Returns the ends that a run is tied around.
     *
     * @return list<End>
     */
    protected function around(WorkRun $run): array
    {
        return Manner::Own === $run->element->knot?->manner() ? [] : $this->carry($run);
    }
}
