<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * Where everything of a piece lies when it is laid out straight; in mm, x from the start of the body, y from its axis.
 *
 * Painting order: what lies behind, the cords, knots before them by rising level, then beads and findings.
 */
final readonly class Scene
{
    /**
     * @param float              $left      leftmost x
     * @param float              $right     rightmost x
     * @param float              $height    extent across of what lies along the axis, symmetric to it
     * @param list<Cord>         $cords     cords that lie bare
     * @param list<Placed>       $placed    knots
     * @param list<DrawnBead>    $beads
     * @param list<DrawnFinding> $findings
     * @param list<Stretch>      $stretches what each part of the pattern takes
     * @param list<Hanging>      $hanging
     */
    public function __construct(
        public float $left,
        public float $right,
        public float $height,
        public array $cords,
        public array $placed,
        public array $beads = [],
        public array $findings = [],
        public array $stretches = [],
        public array $hanging = [],
    ) {}

    /**
     * Returns how far below the axis it reaches, with all that hangs.
     */
    public function low(): float
    {
        return max(
            $this->height / 2,
            ...array_map(static fn (Hanging $hanging): float => $hanging->scene->height, $this->hanging),
            ...[0.0],
        );
    }

    /**
     * Returns both scenes as one.
     */
    public function with(self $other): self
    {
        return new self(
            min($this->left, $other->left),
            max($this->right, $other->right),
            max($this->height, $other->height),
            [...$this->cords, ...$other->cords],
            [...$this->placed, ...$other->placed],
            [...$this->beads, ...$other->beads],
            [...$this->findings, ...$other->findings],
            [...$this->stretches, ...$other->stretches],
            [...$this->hanging, ...$other->hanging],
        );
    }
}
