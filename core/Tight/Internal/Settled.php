<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Internal;

use Rinkel\Core\Tight\Tangle;

/**
 * A tangle at the bottom of one stage.
 *
 * @internal
 */
final readonly class Settled
{
    /**
     * @param array{float, float} $hard    beads against each other, and on cores
     * @param array<int, float>   $pressed how much each bead is pressed
     * @param float               $closest how near two middles lie, of what their thickness allows
     * @param float               $nearest how near any ever came, in this stage or before
     * @param float               $left    the steepest slope left
     */
    public function __construct(
        public Tangle $tangle,
        public array $hard,
        public array $pressed,
        public float $closest,
        public float $nearest,
        public float $left,
    ) {}

    public static function loose(Tangle $tangle): self
    {
        return new self($tangle, [0.0, 0.0], [], 1.0, 1.0, \INF);
    }
}
