<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * Links of a chain, one after the other: "7 link silver".
 */
final readonly class Links implements Node
{
    /**
     * @param int    $count 1 to 2000
     * @param string $name  of a finding
     */
    public function __construct(
        public int $count,
        public string $name,
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
