<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;

/**
 * Two overhands of all cords on one spot against the last link of a chain.
 */
final readonly class LinkKnot
{
    private const KNOTS = 2;

    /**
     * @return list<Act>
     */
    public function acts(Bench $bench, Outlet $at): array
    {
        $ends = $at->carrying;

        return [] === $ends || $at->isFolded ? [] : [new Act(
            Does::Tie,
            Part::Close,
            new Message('link-knot', ['count' => \count($ends), 'side' => $at->side(), 'from' => $at->edge]),
            [Move::knot((new Overhand())->word())],
            self::KNOTS,
            $at->role(),
            by: $ends,
            takes: $bench->knots(new Overhand(), $bench->overhand($ends), $ends, self::KNOTS),
            marks: [$at->edge],
            makes: [Landmark::of('link-knot', null, $at->side())],
            knot: (new Overhand())->word(),
            looks: [new Message('look-place')],
            lesson: 'together',
        )];
    }
}
