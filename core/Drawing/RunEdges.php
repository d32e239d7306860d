<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * What stands on either side of a run of knots.
 *
 * @internal
 */
final readonly class RunEdges
{
    /**
     * @param bool $begins whether nothing stands before it on the line
     * @param bool $ends   whether nothing follows it
     * @param bool $bends  whether it is drawn around a bend, so that each knot is a picture of its own
     */
    public function __construct(
        public bool $begins = false,
        public bool $ends = false,
        public bool $bends = false,
    ) {}
}
