<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * One knot to be pulled tight, over something, in some cord.
 */
final readonly class TightCase
{
    /** What a cord's hardness is called; it gives way by about a tenth and a sixth where it's pressed most. */
    public const HARDNESS = ['hard' => \INF, 'firm' => 80.0, 'soft' => 50.0];

    private function __construct(
        public string $id,
        public int $count,
        public Inside $inside,
        public float $push,
        public string $hardness,
    ) {}

    /**
     * @throws \InvalidArgumentException when there is no such knot, or no such cord
     */
    public static function of(
        string $id,
        ?Inside $inside = null,
        int $count = 3,
        float $push = 0.0,
        string $hardness = 'hard',
    ): self {
        return null !== TightKnots::named($id, $count) && isset(self::HARDNESS[$hardness]) && abs($push) <= 10
            ? new self($id, $count, $inside ?? Inside::of(1), $push, $hardness)
            : throw new \InvalidArgumentException('No '.$id.' in '.$hardness.' cord.');
    }

    public function tightened(float $spacing, float $stiffness = 0.0): TwoSpacings
    {
        $knot = TightKnots::named($this->id, $this->count) ?? throw new \LogicException('It is known.');
        $tube = Tube::ideal()->asHardAs(self::HARDNESS[$this->hardness])->asStiffAs($stiffness);

        return TwoSpacings::of($knot, $knot->laid($this->inside, $this->push), $spacing, $tube);
    }
}
