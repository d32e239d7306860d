<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;

/**
 * A loop of the cords themselves, or several behind each other: where cords are folded, at the fold, bound by an
 * overhand of all; of several ends an eyelet between two overhands, half of them on either side; of one end that end
 * laid back and tied to its own cord.
 *
 * @internal
 */
final readonly class Loop implements AtEnd
{
    /**
     * @param Length $inside opening, all around
     * @param Length $middle the same along the middle of what it is made of
     * @param int    $loops  behind each other
     * @param bool   $laysIn whether soft working ends are laid into the knot before it
     */
    public function __construct(
        private Length $inside,
        private Length $middle,
        private int $loops = 1,
        private ?string $button = null,
        private bool $laysIn = false,
    ) {}

    /**
     * Returns whether ends that tied are laid into its first knot.
     */
    public function laysIn(Outlet $at): bool
    {
        return $this->laysIn && [] !== $at->ends->tied && !$at->isFolded;
    }

    public function acts(Bench $bench, Outlet $at): array
    {
        $ends = $at->ends->carrying;
        if ([] === $ends) {
            return [];
        }
        $acts = $at->isFolded || 1 === \count($ends) ? [] : [
            $this->knot($bench, $at, 'loop-first', $at->edge, Landmark::of('loop-knot', null, $at->side()), $ends),
        ];
        for ($loop = 1; $loop <= $this->loops; ++$loop) {
            $acts[] = $this->one($bench, $at, $loop);
        }

        return $acts;
    }

    /**
     * Returns how one loop is bent and bound, from 1.
     */
    private function one(Bench $bench, Outlet $at, int $loop): Act
    {
        $ends = $at->ends->carrying;
        $isLaidBack = 1 === \count($ends);
        $knot = $bench->overhand($ends, $isLaidBack ? 2 : 1);
        $flat = $this->inside->times(0.5);
        $last = $this->last($at, $loop);
        $isBound = $at->isFolded && $loop === $this->loops;
        $makes = $isBound ? self::bound($at) : Landmark::of('loop-end', null, $at->side().' '.$loop);
        $middle = $this->middle->times($isLaidBack ? 1.0 : 0.5)->millimetres;

        return new Act(
            ActKind::Loop,
            Part::Loop,
            new Message($at->isFolded && 1 === $loop ? 'loop-folded' : ($isLaidBack ? 'loop-back' : 'loop-next'), [
                'count' => \count($ends),
                'role' => End::rolesOf($ends),
                'side' => $at->side(),
                'flat' => $flat,
                'from' => $last ?? $at->edge,
                'button' => $this->button ?? 'none',
            ]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                knot: (new Overhand())->word(),
                takes: $bench->knots(new Overhand(), $knot, $ends, $isLaidBack ? 2.0 : 1.0, $middle),
            ),
            grip: new Grip(role: $at->role(), by: $ends),
            spot: new Spot(
                marks: null === $last ? ($at->isFirst ? [] : [$at->edge]) : [$last],
                makes: [$makes],
                sizes: ['size' => $flat],
            ),
            advice: new Advice([new Message(null === $this->button ? 'look-loop' : 'look-button')], lesson: 'loop'),
        );
    }

    /**
     * Returns what a loop begins from; null where it begins at the body.
     */
    private function last(Outlet $at, int $loop): ?Landmark
    {
        if (1 !== $loop) {
            return Landmark::of('loop-end', null, $at->side().' '.($loop - 1));
        }

        return $at->isFolded || 1 === \count($at->ends->carrying) ? null : self::bound($at);
    }

    private static function bound(Outlet $at): Landmark
    {
        return Landmark::of('loop-knot', null, $at->side());
    }

    public function loose(Bench $bench, Outlet $at): array
    {
        $hand = $bench->habits->hold(true)->millimetres;
        if ($at->isFolded) {
            return [];
        }
        foreach ($at->ends->carrying as $end) {
            $end->keep(max($hand, $bench->habits->tailEnd()->millimetres));
        }
        foreach ($at->ends->laid as $end) {
            $end->keep($bench->habits->hold(false)->millimetres);
        }
        $from = Landmark::of('loop-end', null, $at->side().' '.$this->loops);

        return [
            ...([] === $at->ends->laid ? [] : [
                new LooseEnds($at->ends->laid, Landmark::of('loop-knot', null, $at->side())),
            ]),
            new LooseEnds(
                $at->ends->carrying,
                $from,
                1 === \count($at->ends->carrying) ? null : $bench->habits->tailEnd(),
            ),
        ];
    }

    /**
     * @param non-empty-list<End> $ends
     */
    private function knot(Bench $bench, Outlet $at, string $key, Landmark $from, Landmark $makes, array $ends): Act
    {
        return new Act(
            ActKind::Tie,
            Part::Loop,
            new Message([] === $at->ends->laid ? $key : 'loop-first-soft', [
                'count' => \count($ends),
                'role' => End::rolesOf($ends),
                'from' => $from,
                'laid' => \count($at->ends->laid),
                'working' => End::rolesOf($at->ends->laid),
            ]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                knot: (new Overhand())->word(),
                takes: $bench->knots(
                    new Overhand(),
                    $bench->overhand([...$ends, ...$at->ends->laid]),
                    [...$ends, ...$at->ends->laid],
                ),
            ),
            grip: new Grip(role: $at->role(), by: [...$ends, ...$at->ends->laid]),
            spot: new Spot(marks: $at->isFirst ? [] : [$from], makes: [$makes]),
            advice: new Advice(
                looks: [...([] === $at->ends->laid ? [] : [new Message('look-soft')]), new Message('look-place')],
                lesson: 'together',
            ),
        );
    }
}
