<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * How much cord a maker leaves: the step of their cuts, what they hold ends by, what stays of a tail, and how long a
 * slider they tie.
 *
 * @internal
 */
final readonly class Allowances
{
    /**
     * @param Length|null $rounding    step to which cuts are rounded up; that of the unit when null
     * @param Length|null $coreEnds    of each core, or of the cord that carries everything, to hold it by
     * @param Length|null $workingEnds of each end that only ties
     * @param Length|null $tailEnd     what stays of a tail beyond its stop
     * @param int|null    $sliderKnots square knots in a slider
     */
    public function __construct(
        public ?Length $rounding = null,
        public ?Length $coreEnds = null,
        public ?Length $workingEnds = null,
        public ?Length $tailEnd = null,
        public ?int $sliderKnots = null,
    ) {}
}
