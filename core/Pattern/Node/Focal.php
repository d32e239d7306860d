<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * The piece in the middle: "focal leaf". Each half of a band begins at it.
 */
final readonly class Focal implements Node
{
    /**
     * @param string $name of a bead or a finding
     */
    public function __construct(
        public string $name,
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
