<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;

/**
 * All cords, folded, in one large overhand around the fingers, which set the size of the loop. Cords that are not
 * folded there are laid back, and their ends come out at the knot.
 *
 * @internal
 */
final readonly class AllLoop implements AtEnd
{
    /**
     * @param Length $inside of the loop
     * @param Length $around along the middle of what it is made of
     */
    public function __construct(
        private Length $inside,
        private Length $around,
        private TiedKnot $knot,
    ) {}

    public function acts(Bench $bench, Outlet $at): array
    {
        $ends = [...$at->ends->carrying, ...$at->isFolded ? $at->ends->working : []];
        $flat = $this->inside->times(0.5);

        return [] === $ends ? [] : [new Act(
            ActKind::Loop,
            Part::Loop,
            new Message('loop-all', ['flat' => $flat, 'folded' => $at->isFolded ? 'yes' : 'no', 'side' => $at->side()]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                knot: (new Overhand())->word(),
                takes: $bench->knots(
                    new Overhand(),
                    $this->knot,
                    $ends,
                    $at->isFolded ? 1.0 : 2.0,
                    $this->around->times($at->isFolded ? 0.5 : 1.0)->millimetres,
                ),
            ),
            grip: new Grip(by: $ends),
            spot: new Spot(
                marks: $at->isFirst ? [] : [$at->edge],
                makes: [Landmark::of('loop-knot', null, $at->side())],
                sizes: ['size' => $flat],
            ),
            advice: new Advice(looks: [new Message('look-strands')], lesson: 'loop'),
        )];
    }

    public function loose(Bench $bench, Outlet $at): array
    {
        if ($at->isFolded) {
            return [];
        }
        foreach ($at->ends->carrying as $end) {
            $end->keep($bench->habits->hold(true)->millimetres);
        }

        return [new LooseEnds($at->ends->carrying, Landmark::of('loop-knot', null, $at->side()))];
    }
}
