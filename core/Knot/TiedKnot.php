<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Measure\Length;

/**
 * What one tied knot measures and consumes.
 *
 * @internal
 */
final readonly class TiedKnot
{
    /**
     * @param Length      $pitch     the knot's length along the piece
     * @param Length      $use       cord that each working cord gives up, the pitch included
     * @param Length      $width     extent across the face of the piece
     * @param Length      $thickness extent away from the body
     * @param Length|null $raised    how long the part in its middle is that stands so far out; all of it when null, the
     *                               rest half as far
     */
    public function __construct(
        public Length $pitch,
        public Length $use,
        public Length $width,
        public Length $thickness,
        public ?Length $raised = null,
    ) {}

    /**
     * Returns $count of these knots one after the other.
     */
    public function times(int $count): self
    {
        return new self($this->pitch->times($count), $this->use->times($count), $this->width, $this->thickness);
    }
}
