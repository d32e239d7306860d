<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * One knot to be pulled tight, over something, in some cord.
 *
 * @internal
 */
final readonly class TightCase
{
    private function __construct(
        public string $id,
        public TightKnot $knot,
        public Inside $inside,
        public float $push,
        public Hardness $hardness,
        public Hardness $core,
    ) {}

    /**
     * @param int           $count from 1 to 6: wraps of a barrel, or cords tied together
     * @param Hardness|null $core  of what it is knotted over, if other than the cord
     *
     * @throws \InvalidArgumentException when there is no such knot, or the push is beyond all measure
     */
    public static function of(
        string $id,
        ?Inside $inside = null,
        int $count = 3,
        float $push = 0.0,
        Hardness $hardness = Hardness::Hard,
        ?Hardness $core = null,
    ): self {
        $knot = TightKnots::named($id, $count);

        // Where nothing is inside, nothing gives way there.
        $core = true === $knot?->isAround() ? $core ?? $hardness : $hardness;

        return null !== $knot && abs($push) <= 10
            ? new self($id, $knot, $inside ?? Inside::of(1), $push, $hardness, $core)
            : throw new \InvalidArgumentException('No '.$id.' can be tightened so.');
    }

    public function tightened(float $spacing, float $stiffness = 0.0, float $friction = 0.0): TwoSpacings
    {
        return TwoSpacings::of(
            $this->knot,
            $this->knot->laid($this->inside, $this->push),
            $spacing,
            $this->hardness->tube($this->core)->asStiffAs($stiffness)->asRoughAs($friction),
        );
    }
}
