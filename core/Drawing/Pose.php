<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * Where and how large a motif is drawn.
 *
 * @internal
 */
final readonly class Pose
{
    /**
     * @param float $x     where the first copy begins, in mm
     * @param float $y     where its axis lies, in mm
     * @param float $scale mm per unit of the motif
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $scale,
        public bool $turned = false,
    ) {}
}
