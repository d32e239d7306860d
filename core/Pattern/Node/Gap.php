<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * Bare cord: "gap 1 in".
 */
final readonly class Gap implements Node
{
    /**
     * @param Length|null $length more than nothing, or null for as much as the length leaves: "gap fit"
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
