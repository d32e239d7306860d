<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * A motif at its place in a scene. The number counts the knots of one kind from the left, from 1; 0 for what is not counted.
 */
final readonly class Placed
{
    /**
     * @param float $x     where the motif begins, in mm
     * @param float $y     where its axis lies, in mm
     * @param float $scale mm per unit of the motif
     */
    public function __construct(
        public Motif $motif,
        public float $x,
        public float $y,
        public float $scale,
        public int $number = 0,
        public bool $turned = false,
    ) {}
}
