<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Measure\Length;

/**
 * What was measured of a bead.
 *
 * @internal
 */
final readonly class BeadMeasures
{
    /**
     * @param string|null $size        number of a seed bead, which gives what was not measured
     * @param Length|null $ownDiameter as measured, null for the usual one, 6 mm
     * @param Length|null $ownLength   as measured along the hole, null for the one usual with this shape and
     *                                 diameter
     * @param Length|null $ownHole     as measured, null for the one usual with this diameter
     */
    public function __construct(
        public ?string $size,
        public ?Length $ownDiameter,
        public ?Length $ownLength,
        public ?Length $ownHole,
    ) {}
}
