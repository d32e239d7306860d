<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
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

/**
 * A loop of the cords themselves, or several behind each other: where cords are folded, at the fold, bound by an
 * overhand of all; of several ends an eyelet between two overhands, half of them on either side; of one end that end
 * laid back and tied to its own cord.
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
        return $this->laysIn && [] !== $at->tied && !$at->isFolded;
    }

    public function acts(Bench $bench, Outlet $at): array
    {
        $ends = $at->carrying;
        if ([] === $ends) {
            return [];
        }
        $isLaidBack = 1 === \count($ends);
        $knot = $bench->overhand($ends, $isLaidBack ? 2 : 1);
        $flat = $this->inside->times(0.5);
        $acts = $at->isFolded || $isLaidBack ? [] : [
            $this->knot($bench, $at, 'loop-first', $at->edge, Landmark::of('loop-knot', null, $at->side()), $ends),
        ];
        for ($loop = 1; $loop <= $this->loops; ++$loop) {
            $last = 1 === $loop ? ($at->isFolded || $isLaidBack ? null : Landmark::of('loop-knot', null, $at->side()))
                : Landmark::of('loop-end', null, $at->side().' '.($loop - 1));
            $makes = $at->isFolded && $loop === $this->loops
                ? Landmark::of('loop-knot', null, $at->side())
                : Landmark::of('loop-end', null, $at->side().' '.$loop);
            $acts[] = new Act(
                Does::Loop,
                Part::Loop,
                new Message(match (true) {
                    $at->isFolded && 1 === $loop => 'loop-folded',
                    $isLaidBack => 'loop-back',
                    default => 'loop-next',
                }, [
                    'count' => \count($ends),
                    'role' => End::rolesOf($ends),
                    'side' => $at->side(),
                    'flat' => $flat,
                    'from' => $last ?? $at->edge,
                    'button' => $this->button ?? 'none',
                ]),
                [Move::knot((new Overhand())->word())],
                role: $at->role(),
                by: $ends,
                takes: $bench->knots(
                    new Overhand(),
                    $knot,
                    $ends,
                    $isLaidBack ? 2.0 : 1.0,
                    $this->middle->times($isLaidBack ? 1.0 : 0.5)->millimetres,
                ),
                marks: null === $last ? ($at->isFirst ? [] : [$at->edge]) : [$last],
                makes: [$makes],
                sizes: ['size' => $flat],
                knot: (new Overhand())->word(),
                looks: [new Message(null === $this->button ? 'look-loop' : 'look-button')],
                lesson: 'loop',
            );
        }

        return $acts;
    }

    public function loose(Bench $bench, Outlet $at): array
    {
        $hand = $bench->habits->hold(true)->millimetres;
        if ($at->isFolded) {
            return [];
        }
        foreach ($at->carrying as $end) {
            $end->keep(max($hand, $bench->habits->tailEnd()->millimetres));
        }
        foreach ($at->laid as $end) {
            $end->keep($bench->habits->hold(false)->millimetres);
        }
        $from = Landmark::of('loop-end', null, $at->side().' '.$this->loops);

        return [
            ...([] === $at->laid ? [] : [new Loose($at->laid, Landmark::of('loop-knot', null, $at->side()))]),
            new Loose($at->carrying, $from, 1 === \count($at->carrying) ? null : $bench->habits->tailEnd()),
        ];
    }

    /**
     * @param non-empty-list<End> $ends
     */
    private function knot(Bench $bench, Outlet $at, string $key, Landmark $from, Landmark $makes, array $ends): Act
    {
        return new Act(
            Does::Tie,
            Part::Loop,
            new Message([] === $at->laid ? $key : 'loop-first-soft', [
                'count' => \count($ends),
                'role' => End::rolesOf($ends),
                'from' => $from,
                'laid' => \count($at->laid),
                'working' => End::rolesOf($at->laid),
            ]),
            [Move::knot((new Overhand())->word())],
            role: $at->role(),
            by: [...$ends, ...$at->laid],
            takes: $bench->knots(
                new Overhand(),
                $bench->overhand([...$ends, ...$at->laid]),
                [...$ends, ...$at->laid],
            ),
            marks: $at->isFirst ? [] : [$from],
            makes: [$makes],
            knot: (new Overhand())->word(),
            looks: [...([] === $at->laid ? [] : [new Message('look-soft')]), new Message('look-place')],
            lesson: 'together',
        );
    }
}
