<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Closure\Tails;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\StrungBead;

/**
 * What stops the tails of a slider: a knot of all cords of a side or of each, all alike or each a little further out; a
 * bead beyond it is held by a knot of its own. The tails are trimmed beyond that, and frayed where that is wished.
 *
 * @internal
 */
final readonly class Stops
{
    /**
     * @param Length      $tail   from the body's end to the stop
     * @param TiedKnot    $knot   that stops an end
     * @param Length      $stays  of a plain tail beyond its last knot
     * @param Length      $bead   how long the bead is that it carries, zero without one
     * @param string|null $slides the bead that they are tied against
     */
    public function __construct(
        private Length $tail,
        private TiedKnot $knot,
        private ?Tails $tails,
        private Length $stays,
        private Length $bead,
        private ?string $slides = null,
    ) {}

    /**
     * Returns the same, tied against a bead that slides, where it was left at the trial.
     */
    public function against(string $bead): self
    {
        return new self($this->tail, $this->knot, $this->tails, $this->stays, $this->bead, $bead);
    }

    /**
     * @return list<Act>
     */
    public function acts(Bench $bench, Outlet $at): array
    {
        $acts = [];
        foreach ($this->groups($at) as $i => $ends) {
            $acts[] = $this->one($bench, $at, $i, $ends);
            array_push($acts, ...$this->beaded($bench, $at, $i, $ends));
        }

        return $acts;
    }

    /**
     * @param list<End> $ends that tie it
     */
    private function one(Bench $bench, Outlet $at, int $i, array $ends): Act
    {
        $kind = $this->tails->knot ?? new Overhand();
        $far = $this->tail->plus($this->further($i));
        $distance = $at->from($far);

        return new Act(
            ActKind::Stop,
            Part::Stop,
            new Message(null === $this->slides ? 'stop' : 'stop-against', [
                'bead' => (string) $this->slides,
                'ends' => \count($ends),
                'count' => 1,
                'knot' => $kind->word(),
                'turns' => $this->tails->turns ?? $kind->usualTurns() ?? 0,
                'side' => $at->side(),
                'number' => $this->isEach($at) ? $i + 1 : 0,
                'of' => \count($at->tails()),
                'distance' => $distance,
                'from' => $at->edge,
            ]),
            stint: new Stint(
                moves: [Move::knot($kind->word())],
                knot: $kind->word(),
                takes: $bench->knots($kind, $this->knot, $ends, 1.0, $far->millimetres),
            ),
            grip: new Grip(role: $at->role(), by: $ends),
            spot: new Spot(marks: [$at->edge], makes: [$this->stop($at, $i)], sizes: ['distance' => $distance]),
            advice: new Advice(
                looks: [...(\count($ends) > 1 ? [new Message('look-strands')] : []), new Message('look-place')],
                lesson: \count($ends) > 1 && $kind instanceof Overhand ? 'together' : $kind->word(),
            ),
        );
    }

    /**
     * @return list<LooseEnds>
     */
    public function loose(Bench $bench, Outlet $at): array
    {
        $groups = [];
        $longest = $this->further(\count($this->groups($at)) - 1)->millimetres;
        foreach ($this->groups($at) as $i => $ends) {
            foreach ($ends as $end) {
                // All tails are cut for the longest of them.
                $further = $longest - $this->further($i)->millimetres;
                $end->keep($further + max(
                    $this->left()->millimetres,
                    $bench->habits->hold(true)->minus($this->tail)->millimetres - $longest,
                ));
            }
            $groups[] = new LooseEnds(
                $ends,
                null === $this->bead() ? $this->stop($at, $i) : $this->tip($at, $i),
                $this->left(),
                true === $this->tails?->frayed,
            );
        }

        return $groups;
    }

    /**
     * Returns what is kept of a tail beyond its last knot.
     */
    public function left(): Length
    {
        return true === $this->tails?->frayed ? Tails::frayed() : $this->stays;
    }

    /**
     * Returns the bead on one tail, and the knot that holds it.
     *
     * @param non-empty-list<End> $ends
     *
     * @return list<Act>
     */
    private function beaded(Bench $bench, Outlet $at, int $i, array $ends): array
    {
        $name = $this->bead();

        return null === $name ? [] : [
            new Act(
                ActKind::Stop,
                Part::Stop,
                new Message('bead-tip', [
                    'bead' => $name,
                    'side' => $at->side(),
                    'number' => $this->isEach($at) ? $i + 1 : 0,
                ]),
                stint: new Stint(
                    moves: array_map(static fn (): Move => Move::bead(new StrungBead($name)), $ends),
                    count: \count($ends),
                    things: array_fill(0, \count($ends), $name),
                    takes: array_map(fn (End $end): EndUse => EndUse::straight($end, $this->bead->millimetres), $ends),
                ),
                grip: new Grip(by: $ends),
                spot: new Spot(marks: [$this->stop($at, $i)]),
                advice: new Advice(lesson: 'overhand'),
            ),
            new Act(
                ActKind::Stop,
                Part::Stop,
                new Message('bead-held', ['bead' => $name, 'count' => \count($ends)]),
                stint: new Stint(
                    moves: [Move::knot((new Overhand())->word())],
                    knot: (new Overhand())->word(),
                    takes: $bench->knots(new Overhand(), $bench->overhand($ends), $ends),
                ),
                grip: new Grip(by: $ends),
                spot: new Spot(marks: [$this->stop($at, $i)], makes: [$this->tip($at, $i)]),
                advice: new Advice(lesson: 'overhand'),
            ),
        ];
    }

    private function bead(): ?string
    {
        return $this->tails?->bead;
    }

    private function isEach(Outlet $at): bool
    {
        return \count($at->tails()) > 1 && true === $this->tails?->areStoppedApart();
    }

    /**
     * @return list<non-empty-list<End>> ends that are stopped together
     */
    private function groups(Outlet $at): array
    {
        if ([] === $at->tails()) {
            return [];
        }

        return true === $this->tails?->areStoppedApart()
            ? array_map(static fn (End $end): array => [$end], $at->tails())
            : [$at->tails()];
    }

    private function further(int $i): Length
    {
        return $this->tails?->unequal?->times(max(0, $i)) ?? Length::zero();
    }

    private function stop(Outlet $at, int $i): Landmark
    {
        return Landmark::of('stop', null, $at->side().($this->isEach($at) ? ' '.($i + 1) : ''));
    }

    private function tip(Outlet $at, int $i): Landmark
    {
        return Landmark::of('tip-knot', null, $at->side().' '.($i + 1));
    }
}
