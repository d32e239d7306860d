<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A run of beads: "5 bead amber sky" repeats its names in turn, "2 amber 1 sky" says how many of each.
 */
final readonly class Beads implements Node
{
    /**
     * @param int                                $count  1 to 2000
     * @param non-empty-list<array{int, string}> $names  how many of which bead, in turn
     * @param int|null                           $strand of Lane::Strand, from 1
     */
    public function __construct(
        public int $count,
        public BeadOrder $order,
        public array $names,
        public Lane $lane = Lane::Core,
        public ?int $strand = null,
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
