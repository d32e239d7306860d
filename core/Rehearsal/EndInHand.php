<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal;

use Rinkel\Core\Knot\Side;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\End;

/**
 * One end of a cord that is cut: how much of it hangs there still, and which hand has it.
 *
 * @internal
 */
final readonly class EndInHand
{
    /**
     * @param Length    $left beyond the work
     * @param Length    $of   how much there was when it was cut
     * @param Side|null $hand null of what hangs there, or is held by the board
     */
    public function __construct(
        public End $end,
        public Length $left,
        public Length $of,
        public EndState $state,
        public ?Side $hand,
    ) {}
}
