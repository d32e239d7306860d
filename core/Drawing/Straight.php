<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * A cord that runs straight along the piece, from one x to another at one y; all in mm.
 */
final readonly class Straight
{
    public function __construct(
        public float $from,
        public float $to,
        public float $y,
        public float $thickness,
    ) {}
}
