<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A wave of two arms: "wave 4 round / seed", "wave 4 round / 5 seed". Each step has a round bead on the core and seed beads outside.
 */
final readonly class Wave implements Node
{
    /**
     * @param int      $steps 1 to 40
     * @param string   $round bead on the core
     * @param string   $seed  bead on the outside
     * @param int|null $seeds how many a step, null for as many as go around the round
     */
    public function __construct(
        public int $steps,
        public string $round,
        public string $seed,
        public ?int $seeds = null,
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
