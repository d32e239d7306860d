<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Measure\Length;

/**
 * Lengths of what is made and what is still to come.
 *
 * @internal
 */
final readonly class WorkedLengths
{
    /**
     * @param float $done       length of the part in hand, in mm
     * @param float $doneKnots  of that, what knots make
     * @param float $rest       still to come, of all the piece, in mm
     * @param float $restKnots  of that, what knots make
     * @param float $other      length of what is done of the other half, in mm
     * @param float $otherKnots of that, what knots make
     */
    public function __construct(
        public float $done,
        public float $doneKnots,
        public float $rest,
        public float $restKnots,
        public float $other,
        public float $otherKnots,
    ) {}
}
