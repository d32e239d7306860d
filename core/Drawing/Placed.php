<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Material\Colour;

/**
 * A motif at its place in a scene, once or several times in a row.
 *
 * @internal
 */
final readonly class Placed
{
    /**
     * @param string $role  which cord ties it
     * @param int    $count copies, each the motif's length further
     * @param int    $knots how many knots one copy shows, 0 for what is not counted
     */
    public function __construct(
        public Motif $motif,
        public Pose $pose,
        public Colour $colour,
        public string $role,
        public int $count = 1,
        public int $knots = 1,
    ) {}

    /**
     * Returns so many of its copies, from the one numbered $from on.
     */
    public function some(int $from, int $count): self
    {
        return new self(
            $this->motif,
            new Pose(
                x: $this->pose->x + $from * $this->motif->length * $this->pose->scale,
                y: $this->pose->y,
                scale: $this->pose->scale,
                turned: $this->pose->turned,
            ),
            $this->colour,
            $this->role,
            count: $count,
            knots: $this->knots,
        );
    }

    /**
     * Returns where the last copy ends, in mm.
     */
    public function end(): float
    {
        return $this->pose->x + $this->count * $this->motif->length * $this->pose->scale;
    }
}
