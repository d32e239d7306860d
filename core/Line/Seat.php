<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Pattern\Node\Lane;

/**
 * Where an element sits across the piece.
 *
 * @internal
 */
final readonly class Seat
{
    /**
     * @param int|null $strand from 1, of a bead that sits on one of several cores of a band
     * @param bool     $hangs  whether it hangs from the piece and does not lie on the body
     * @param bool     $level  of rows, whether they lie side by side, not half a step on
     */
    public function __construct(
        public Lane $lane = Lane::Core,
        public ?int $strand = null,
        public bool $hangs = false,
        public bool $level = false,
    ) {}
}
