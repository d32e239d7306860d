<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * What hangs straight down from a piece, however the piece itself lies there.
 *
 * @internal
 */
final readonly class HangingScene
{
    /**
     * @param float $x     along the piece, in mm
     * @param Scene $scene with its origin where it hangs
     */
    public function __construct(
        public float $x,
        public Scene $scene,
    ) {}
}
