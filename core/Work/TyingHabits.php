<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Knot\Side;

/**
 * How a maker ties: which side begins, how a cord goes over, how cords are joined.
 *
 * @internal
 */
final readonly class TyingHabits
{
    /**
     * @param Side     $side     which working cord begins
     * @param Crossing $crossing how the first cord of a square knot goes over, and the end that winds a barrel
     * @param Joining  $joining  how working cords are joined to the cores
     * @param LoopEnd  $loopEnd  which end ties the loop of a wrap
     */
    public function __construct(
        public Side $side = Side::Left,
        public Crossing $crossing = Crossing::Front,
        public Joining $joining = Joining::Laid,
        public LoopEnd $loopEnd = LoopEnd::Long,
    ) {}
}
