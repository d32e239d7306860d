<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Need;

/**
 * One material of a kit: as much of it as the size takes that takes most, and what each size leaves of it.
 *
 * @internal
 */
final readonly class KitPart
{
    /**
     * @param Cut|Need           $what    a cord as it is cut for that size, or beads or findings
     * @param Length|int         $much    of each cord, or how many
     * @param list<Length|int>   $left    by size, in their order
     * @param array<string, int> $letters of letter beads, as many as any size takes of each
     */
    public function __construct(
        public Cut|Need $what,
        public Length|int $much,
        public array $left,
        public array $letters = [],
    ) {}
}
