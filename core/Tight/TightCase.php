<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * One knot to be pulled tight, over something, in some cord.
 */
final readonly class TightCase
{
    private function __construct(
        public string $id,
        public int $count,
        public Inside $inside,
        public float $push,
        public Hardness $hardness,
    ) {}

    /**
     * @throws \InvalidArgumentException when there is no such knot, or the push is beyond all measure
     */
    public static function of(
        string $id,
        ?Inside $inside = null,
        int $count = 3,
        float $push = 0.0,
        Hardness $hardness = Hardness::Hard,
    ): self {
        return null !== TightKnots::named($id, $count) && abs($push) <= 10
            ? new self($id, $count, $inside ?? Inside::of(1), $push, $hardness)
            : throw new \InvalidArgumentException('No '.$id.' can be tightened so.');
    }

    public function tightened(float $spacing, float $stiffness = 0.0): TwoSpacings
    {
        $knot = TightKnots::named($this->id, $this->count) ?? throw new \LogicException('It is known.');
        $tube = $this->hardness->tube()->asStiffAs($stiffness);

        return TwoSpacings::of($knot, $knot->laid($this->inside, $this->push), $spacing, $tube);
    }
}
