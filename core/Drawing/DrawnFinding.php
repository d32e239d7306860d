<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Material\Finding;

/**
 * A finding at its place; in mm.
 *
 * @internal
 */
final readonly class DrawnFinding
{
    /**
     * @param float $x       where it begins along the piece
     * @param float $y       of its axis
     * @param bool  $beneath whether the cords hung on it lie over it
     */
    public function __construct(
        public Finding $finding,
        public float $x,
        public float $y,
        public bool $turned = false,
        public bool $beneath = false,
    ) {}
}
