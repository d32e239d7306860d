<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Measure\Length;

/**
 * Ends that are still to be made safe: from where they are trimmed, and what is left of them.
 *
 * @internal
 */
final readonly class LooseEnds
{
    /**
     * @param list<End>   $ends
     * @param Length|null $left   of them as tails; null where they are cut at the knot
     * @param bool        $frays  whether they are frayed, and not secured
     * @param Length|null $bare   cord between there and where the tail begins
     * @param Length|null $frayed what of the tail is, all of it when null
     */
    public function __construct(
        public array $ends,
        public Landmark $from,
        public ?Length $left = null,
        public bool $frays = false,
        public ?Length $bare = null,
        public ?Length $frayed = null,
    ) {}
}
