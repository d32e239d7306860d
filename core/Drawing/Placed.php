<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Material\Colour;

/**
 * A motif at its place in a scene, once or several times in a row.
 */
final readonly class Placed
{
    /**
     * @param float  $x     where the first copy begins, in mm
     * @param float  $y     where its axis lies, in mm
     * @param float  $scale mm per unit of the motif
     * @param string $role  which cord ties it
     * @param int    $count copies, each the motif's length further
     * @param int    $knots how many knots one copy shows, 0 for what is not counted
     */
    public function __construct(
        public Motif $motif,
        public float $x,
        public float $y,
        public float $scale,
        public Colour $colour,
        public string $role,
        public int $count = 1,
        public int $knots = 1,
        public bool $turned = false,
    ) {}

    /**
     * Returns so many of its copies, from the one numbered $from on.
     */
    public function some(int $from, int $count): self
    {
        return new self(
            $this->motif,
            $this->x + $from * $this->motif->length * $this->scale,
            $this->y,
            scale: $this->scale,
            colour: $this->colour,
            role: $this->role,
            count: $count,
            knots: $this->knots,
            turned: $this->turned,
        );
    }

    /**
     * Returns where the last copy ends, in mm.
     */
    public function end(): float
    {
        return $this->x + $this->count * $this->motif->length * $this->scale;
    }
}
