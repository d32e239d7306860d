<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * What one knot takes, in diameters of its cord.
 *
 * @internal
 */
final readonly class KnotSize
{
    /**
     * @param list<float> $use    cord inside the knot, of each cord; along a repeating one, of one knot; where its ends
     *                            are held apart, beyond the way past it
     * @param float       $length along the piece
     * @param float       $width  as it lies on the page
     * @param float       $height above each other
     * @param float       $turn   by which each is turned against the one before, in degrees
     */
    public function __construct(
        public array $use,
        public float $length,
        public float $width,
        public float $height,
        public float $turn = 0.0,
    ) {}

    /**
     * Returns what all cords take on average.
     */
    public function mean(): float
    {
        return array_sum($this->use) / max(1, \count($this->use));
    }
}
