<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;

/**
 * The same piece with a repeat more or fewer, or a little otherwise, and what that means for the wearer.
 *
 * @internal
 */
final readonly class Neighbour
{
    /**
     * @param string       $pattern    with its fits fixed at these counts
     * @param Length       $difference along the piece, negative for shorter
     * @param Length       $closed     girth inside when shut
     * @param Message|null $way        how it is reached, when not by a whole repeat
     * @param FitZone      $zone       as worn: a slider opens from shut to what is wished
     */
    public function __construct(
        public string $pattern,
        public Length $difference,
        public Length $closed,
        public FitZone $zone,
        public int $beads,
        public ?Message $way = null,
    ) {}
}
