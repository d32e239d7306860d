<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * What stays in the middle of a mirrored pattern and is not doubled: "centre (3 bead sky)".
 */
final readonly class Centre implements Node
{
    /**
     * @param non-empty-list<Node> $parts
     */
    public function __construct(
        public array $parts,
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
