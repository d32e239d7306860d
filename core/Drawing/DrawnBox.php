<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * Where something is drawn.
 *
 * @internal
 */
final readonly class DrawnBox
{
    /**
     * @param float      $height across the piece
     * @param float|null $y      its axis, where it is not the whole piece that lies there
     */
    public function __construct(
        public float $from,
        public float $to,
        public float $height,
        public ?float $y = null,
    ) {}
}
