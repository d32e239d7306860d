<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * What a maker does first, where either can come first.
 *
 * @internal
 */
final readonly class OrderHabits
{
    /**
     * @param Turn      $working   when working ends are made safe: before what closes a piece, or with all others
     * @param Turn      $stops     when the stops of a slider are tied: before it, or after
     * @param Turn      $button    whether a wrap begins with its button, or with its loop
     * @param Stringing $stringing whether beads are strung before the knots, or each when its turn comes
     * @param Halving   $halves    whether one half is made safe before the other is begun
     */
    public function __construct(
        public Turn $working = Turn::First,
        public Turn $stops = Turn::Last,
        public Turn $button = Turn::First,
        public Stringing $stringing = Stringing::Together,
        public Halving $halves = Halving::Together,
    ) {}
}
