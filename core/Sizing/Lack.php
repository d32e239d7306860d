<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Measure\Length;

/**
 * What there is not enough of for a piece.
 *
 * @internal
 */
final readonly class Lack
{
    /**
     * @param string     $name    of a bead, or of the cords: a role, or AvailableMaterials::ANY
     * @param Length|int $missing a length of cord, or how many beads
     */
    public function __construct(
        public string $name,
        public bool $isCord,
        public Length|int $missing,
    ) {}
}
