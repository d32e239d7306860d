<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * How far a scene reaches, and what is left out of it.
 */
final readonly class SceneFrame
{
    /**
     * @param float                    $left    leftmost x
     * @param float                    $right   rightmost x
     * @param float                    $height  extent across of what lies along the axis, symmetric to it
     * @param float                    $deep    how far below the axis lies what is laid there
     * @param array{float, float}|null $omitted between which x too much lies to be drawn one by one
     */
    public function __construct(
        public float $left,
        public float $right,
        public float $height,
        public float $deep = 0.0,
        public ?array $omitted = null,
    ) {}
}
