<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A flat braid of three strands: "braid 12 in", "braid fit".
 */
final readonly class Braid implements Node
{
    /**
     * @param Length|null $length more than nothing, or null for as much as the length leaves
     */
    public function __construct(
        public ?Length $length,
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
