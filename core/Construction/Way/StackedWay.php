<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Closure\Closing\PairEnds;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;

/**
 * Several working pairs on one core that take turns: each begins with an overhand around the core, which the first
 * knots enclose, and those that do not tie lie along the core. At full length each is finished after its last knot, and
 * the knots of the next cover what is left of it.
 *
 * @internal
 */
final class StackedWay extends BandWay
{
    /** What is tied after the first pair is finished. */
    private ?Length $toCome = null;

    /** @var list<string> pairs that are finished in the body */
    private array $ended = [];

    protected function inTurn(): bool
    {
        return true;
    }

    protected function joined(): array
    {
        $pairs = $this->pairNames();
        $cords = array_merge(...array_values($this->pairs()), ...[[]]);

        return [...parent::joined(), new Act(
            ActKind::Mark,
            Part::Mount,
            new Message('mark-right', ['count' => \count($cords)]),
            grip: new Grip(by: self::ends($cords, false)),
            spot: new Spot(marks: [Landmark::of('mark')]),
            advice: new Advice(lesson: (new Overhand())->word()),
        ), new Act(
            ActKind::Aside,
            Part::Mount,
            new Message('lay-pairs', ['roles' => $pairs, 'role' => $pairs[0] ?? 'core']),
            spot: new Spot(marks: [Landmark::of('mark')]),
            advice: new Advice(lesson: 'square'),
        )];
    }

    /**
     * Each pair's middle is tied around the core.
     */
    protected function under(string $role, array $cords): array
    {
        if ($this->isOutwards()) {
            return parent::under($role, $cords);
        }
        $by = \count($cords) > 1 ? self::ends($cords, false) : self::ends($cords);

        return [new Act(
            ActKind::Tie,
            Part::Mount,
            new Message(\count($cords) > 1 ? 'pair-apart' : 'pair-on', ['role' => $role]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                knot: (new Overhand())->word(),
                takes: $this->bench->knots(new Overhand(), $this->bench->overhand($by), $by),
            ),
            grip: new Grip(role: $role, by: $by, around: $this->lanes(0)['core']),
            spot: new Spot(marks: [Landmark::of('mark')]),
            advice: new Advice(lesson: 'pair'),
        )];
    }

    protected function tieKey(WorkRun $run): string
    {
        return Manner::Paired === $run->element->knot?->manner() && \count($this->pairs()) > 1
            ? 'tie-down'
            : parent::tieKey($run);
    }

    protected function untilKey(): string
    {
        return \count($this->pairs()) > 1 ? 'tie-down-until' : parent::untilKey();
    }

    protected function tightened(WorkRun $run, int $ends): array
    {
        return Manner::Paired === $run->element->knot?->manner()
            ? [new Message('look-core')]
            : parent::tightened($run, $ends);
    }

    protected function toCome(): Length
    {
        return $this->toCome ?? parent::toCome();
    }

    /**
     * Writes the body up to where the first pair is finished, and after the trial the rest, pair by pair.
     */
    protected function whole(): void
    {
        if (!$this->endsInBody()) {
            parent::whole();

            return;
        }
        $acts = $this->half($this->halves()[0]);
        $last = $this->lastTies($acts);
        if ([] === $last) {
            $this->bench->write('body', $acts, ['cords', 'mount', 'join']);

            return;
        }
        $this->ended = array_map(strval(...), array_keys($last));
        $first = min($last);
        $this->bench->write('body', \array_slice($acts, 0, $first + 1), ['cords', 'mount', 'join']);
        $rest = [];
        $covered = null;
        $come = Length::zero();
        foreach (\array_slice($acts, $first, null, true) as $i => $act) {
            if ($i > $first) {
                $rest[] = null === $covered ? $act : $act->looked([
                    new Message('look-covers', ['role' => $covered]),
                    ...$act->advice->looks,
                ]);
                $covered = null;
                $come = $come->plus($act->stint->adds ?? Length::zero());
            }
            foreach (array_keys($last, $i, true) as $role) {
                array_push($rest, ...$this->finished((string) $role, $act));
                $covered = (string) $role;
            }
        }
        $this->toCome = $come;
        $this->bench->write('pairs', $rest, ['body', 'trial']);
        $this->comesFirst('pairs');
    }

    protected function ended(): array
    {
        return $this->ended;
    }

    /**
     * Returns whether pairs are finished while the body is made: where their ends neither run on, nor hide knots behind
     * a button, nor belong to halves, nor are wanted for a knot of all cords.
     */
    private function endsInBody(): bool
    {
        return !$this->draft->isHalved() && !$this->isOutwards() && !$this->draft->fastened->closing->takesAll()
            && 0 === $this->draft->piece->closure->loop->behind && !$this->isClosedByKnot();
    }

    /**
     * Returns the last act in which each pair ties.
     *
     * @param list<Act> $acts
     *
     * @return array<string, int> places of acts, by role
     */
    private function lastTies(array $acts): array
    {
        $last = [];
        foreach ($acts as $i => $act) {
            if (null !== $act->spot->due && null !== $act->stint->knot && isset($this->pairs()[$act->grip->role])) {
                $last[$act->grip->role] = $i;
            }
        }

        return $last;
    }

    /**
     * @return list<Act>
     */
    private function finished(string $role, Act $after): array
    {
        $ends = $this->lanesOf(0)[$role] ?? [];
        foreach ($ends as $end) {
            $end->keep($this->bench->habits->hold(false)->millimetres);
        }
        $edge = $after->spot->makes[0] ?? Landmark::of('last-knot');

        return PairEnds::of($this->bench, $ends, $edge, $this->draft->fastened->kind instanceof DoubleBarrel);
    }
}
