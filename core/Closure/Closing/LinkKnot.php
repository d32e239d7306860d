<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;

/**
 * Two overhands of all cords on one spot against the last link of a chain.
 *
 * @internal
 */
final readonly class LinkKnot
{
    private const KNOTS = 2;

    /**
     * @return list<Act>
     */
    public function acts(Bench $bench, Outlet $at): array
    {
        $ends = $at->ends->carrying;

        return [] === $ends || $at->isFolded ? [] : [new Act(
            ActKind::Tie,
            Part::Close,
            new Message('link-knot', ['count' => \count($ends), 'side' => $at->side(), 'from' => $at->edge]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                count: self::KNOTS,
                knot: (new Overhand())->word(),
                takes: $bench->knots(new Overhand(), $bench->overhand($ends), $ends, self::KNOTS),
            ),
            grip: new Grip(role: $at->role(), by: $ends),
            spot: new Spot(marks: [$at->edge], makes: [Landmark::of('link-knot', null, $at->side())]),
            advice: new Advice(looks: [new Message('look-place')], lesson: 'together'),
        )];
    }
}
