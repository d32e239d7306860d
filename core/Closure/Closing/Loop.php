<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Said;
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
     */
    public function __construct(
        private Length $inside,
        private Length $middle,
        private int $loops = 1,
        private ?string $button = null,
    ) {}

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
                new Said(match (true) {
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
                looks: [new Said(null === $this->button ? 'look-loop' : 'look-button')],
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
        $from = Landmark::of('loop-end', null, $at->side().' '.$this->loops);

        return [new Loose($at->carrying, $from, 1 === \count($at->carrying) ? null : $bench->habits->tailEnd())];
    }

    /**
     * @param non-empty-list<End> $ends
     */
    private function knot(Bench $bench, Outlet $at, string $key, Landmark $from, Landmark $makes, array $ends): Act
    {
        return new Act(
            Does::Tie,
            Part::Loop,
            new Said($key, ['count' => \count($ends), 'role' => End::rolesOf($ends), 'from' => $from]),
            [Move::knot((new Overhand())->word())],
            role: $at->role(),
            by: $ends,
            takes: $bench->knots(new Overhand(), $bench->overhand($ends), $ends),
            marks: $at->isFirst ? [] : [$from],
            makes: [$makes],
            knot: (new Overhand())->word(),
            looks: [new Said('look-place')],
            lesson: 'together',
        );
    }
}
