<?php

declare(strict_types=1);

namespace Rinkel\App\Sizes;

use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Sizing\LargestFeasible;

/**
 * How far what a maker has goes, for one design.
 */
final readonly class LargestSizeResult
{
    /**
     * @param list<string>                         $ways   in which this design can grow
     * @param string                               $by     one of them
     * @param Plan                                 $design as it is
     * @param array<string, string>                $typed  by field: cords.<role>, beads.<name>
     * @param LargestFeasible|null                 $far    null where nothing was typed, or something cannot be read
     * @param array<string, non-empty-list<Fault>> $faults by field
     * @param ShownSize|null                       $shown  the size that is looked at
     */
    public function __construct(
        public array $ways,
        public string $by,
        public Plan $design,
        public array $typed,
        public ?LargestFeasible $far,
        public array $faults,
        public ?ShownSize $shown = null,
    ) {}
}
