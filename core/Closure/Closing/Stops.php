<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Closure\Tails;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Loose;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spent;
use Rinkel\Core\Work\Strung;

/**
 * What stops the tails of a slider: a knot of all cords of a side or of each, all alike or each a little further out; a
 * bead beyond it is held by a knot of its own. The tails are trimmed beyond that, and frayed where that is wished.
 */
final readonly class Stops
{
    /**
     * @param Length      $tail   from the body's end to the stop
     * @param Tied        $knot   that stops an end
     * @param Length      $stays  of a plain tail beyond its last knot
     * @param Length      $bead   how long the bead is that it carries, nought without one
     * @param string|null $slides the bead that they are tied against
     */
    public function __construct(
        private Length $tail,
        private Tied $knot,
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
        $kind = $this->tails->knot ?? new Overhand();
        foreach ($this->groups($at) as $i => $ends) {
            $distance = $at->from($this->tail->plus($this->further($i)));
            $acts[] = new Act(
                Does::Stop,
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
                [Move::knot($kind->word())],
                role: $at->role(),
                by: $ends,
                takes: $bench->knots(
                    $kind,
                    $this->knot,
                    $ends,
                    1.0,
                    $this->tail->plus($this->further($i))->millimetres,
                ),
                marks: [$at->edge],
                makes: [$this->stop($at, $i)],
                sizes: ['distance' => $distance],
                knot: $kind->word(),
                looks: \count($ends) > 1
                    ? [new Message('look-strands'), new Message('look-place')]
                    : [new Message('look-place')],
                lesson: \count($ends) > 1 && $kind instanceof Overhand ? 'together' : $kind->word(),
            );
            array_push($acts, ...$this->beaded($bench, $at, $i, $ends));
        }

        return $acts;
    }

    /**
     * @return list<Loose>
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
            $groups[] = new Loose(
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
                Does::Stop,
                Part::Stop,
                new Message('bead-tip', [
                    'bead' => $name,
                    'side' => $at->side(),
                    'number' => $this->isEach($at) ? $i + 1 : 0,
                ]),
                array_map(static fn (): Move => Move::bead(new Strung($name)), $ends),
                \count($ends),
                by: $ends,
                things: array_fill(0, \count($ends), $name),
                takes: array_map(fn (End $end): Spent => Spent::straight($end, $this->bead->millimetres), $ends),
                marks: [$this->stop($at, $i)],
                lesson: 'overhand',
            ),
            new Act(
                Does::Stop,
                Part::Stop,
                new Message('bead-held', ['bead' => $name, 'count' => \count($ends)]),
                [Move::knot((new Overhand())->word())],
                by: $ends,
                takes: $bench->knots(new Overhand(), $bench->overhand($ends), $ends),
                marks: [$this->stop($at, $i)],
                makes: [$this->tip($at, $i)],
                knot: (new Overhand())->word(),
                lesson: 'overhand',
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
