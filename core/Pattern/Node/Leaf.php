<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * What is so for most parts: they name nothing, are repeated in brackets and are no middle.
 */
abstract readonly class Leaf implements Node
{
    public function __construct(private ?Place $place = null) {}

    public function place(): ?Place
    {
        return $this->place;
    }

    public function said(Unit $unit): string
    {
        return (string) $this;
    }

    public function names(): array
    {
        return [];
    }

    public function renamed(callable $rename): Node
    {
        return $this;
    }

    public function repeatsBare(): bool
    {
        return false;
    }

    public function isMiddle(): bool
    {
        return false;
    }
}
