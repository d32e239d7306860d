<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * A tangle that was pulled tight, and how well.
 *
 * @internal
 */
final readonly class Tightened
{
    /**
     * @param Tangle            $laid    as it was laid before
     * @param float             $closest how near two middles lie at last, of what their thickness allows
     * @param float             $nearest how near anything ever came on the way, of the same
     * @param float             $left    the steepest slope left, in tensions
     * @param list<list<float>> $pull    where friction holds back: the tension of each stretch, by rope
     * @param float             $spacing of the beads, in diameters
     */
    public function __construct(
        public Tangle $laid,
        public Tangle $tangle,
        public float $closest,
        public float $nearest,
        public float $left,
        public array $pull,
        public float $spacing,
    ) {}

    /**
     * Returns whether no cord went through another, or through itself, on the way.
     */
    public function isWhole(): bool
    {
        return Diagram::of(Rings::of($this->laid))->jones() === Diagram::of(Rings::of($this->tangle))->jones();
    }

    /**
     * Returns how far the cords reach to either side, and before and behind: x and y with their thickness, in
     * diameters.
     *
     * @return array{float, float}
     */
    public function size(): array
    {
        $sizes = [];
        foreach ([0, 1] as $axis) {
            $edges = [];
            foreach ($this->tangle->ropes as $rope) {
                $values = array_column($rope->points, $axis);
                array_push($edges, max($values) + $rope->diameter / 2, min($values) - $rope->diameter / 2);
            }
            $sizes[] = max($edges) - min($edges);
        }

        return [$sizes[0], $sizes[1]];
    }
}
