<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;

/**
 * What a knot is tied with and around: a cord around a core, or one or several cords in themselves.
 *
 * @internal
 */
final readonly class TyingContext
{
    /**
     * @param int       $together how many cords tie it as one
     * @param int       $turns    of a knot whose turns are given
     * @param Cord|null $along    the cord that it slides on, where it does
     */
    private function __construct(
        public Cord $cord,
        public Bundle $core,
        public int $together,
        public int $turns,
        public ?Cord $along = null,
    ) {}

    public static function around(Bundle $core, Cord $working): self
    {
        return new self($working, $core, 1, BarrelKnot::USUAL);
    }

    /**
     * Returns the ground of a knot of $cord around one straight $along, on which it slides.
     */
    public static function sliding(Cord $cord, Cord $along, int $turns = BarrelKnot::USUAL): self
    {
        return new self($cord, new Bundle($along->round(), 1), 1, $turns, $along);
    }

    /**
     * Returns the same with as many turns as $knot has when nothing is said of them.
     */
    public function usual(Knot $knot): self
    {
        return new self($this->cord, $this->core, $this->together, $knot->usualTurns() ?? $this->turns, $this->along);
    }

    public static function itself(Cord $cord, int $together = 1, int $turns = BarrelKnot::USUAL): self
    {
        return new self($cord, new Bundle($cord->round(), max(1, $together)), $together, $turns);
    }
}
