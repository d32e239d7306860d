<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * Parts in brackets, repeated: "(1 bead amber, 2 square) x 6", "x fit", "x fit 2", "x 6 alternate".
 */
final readonly class Group implements Node
{
    /**
     * @param non-empty-list<Node> $parts
     * @param int|Fit              $times     1 to 2000, or as many as the length allows
     * @param bool                 $alternate whether left and right, or two colours, change places every time
     */
    public function __construct(
        public array $parts,
        public int|Fit $times = 1,
        public bool $alternate = false,
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
