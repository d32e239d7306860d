<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * The ends that come out of one side of a body, by what becomes of them.
 *
 * @internal
 */
final readonly class OutletEnds
{
    /**
     * @param list<End>     $carrying ends that make the closure; of folded cords both
     * @param list<End>     $tied     ends that only tied, and are made safe there
     * @param list<End>     $working  ends that tie what is knotted there
     * @param list<End>     $laid     ends that tied, and are laid into the knot that closes the body there
     * @param Landmark|null $tiedAt   where ends that tied leave the piece, where that is beyond its edge
     * @param bool          $inTurn   whether ends that tied are finished pair by pair, each before the next
     */
    public function __construct(
        public array $carrying,
        public array $tied = [],
        public array $working = [],
        public array $laid = [],
        public ?Landmark $tiedAt = null,
        public bool $inTurn = false,
    ) {}
}
