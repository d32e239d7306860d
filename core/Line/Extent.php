<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Measure\Length;

/**
 * How large an element is, and whether it gives.
 *
 * @internal
 */
final readonly class Extent
{
    /**
     * @param Length|null $raised    how long its middle is that stands as thick as said, the rest half as much
     * @param bool        $stretches whether the element is bare cord that takes up what the length leaves
     * @param bool        $centres   of bare cord, whether its length still counts from centre to centre of what
     *                               lies on either side
     */
    public function __construct(
        public Length $length,
        public Length $width,
        public Length $thickness,
        public ?Length $raised = null,
        public bool $stretches = false,
        public bool $centres = false,
    ) {}
}
