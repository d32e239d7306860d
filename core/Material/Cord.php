<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Measure\Length;

/**
 * One kind of round cord. Its thickness is the diameter as it lies, not pressed; 0.2 to 12 mm.
 */
final readonly class Cord
{
    public function __construct(
        public Fibre $fibre,
        public Length $thickness,
        public Colour $colour,
    ) {}

    public function withThickness(Length $thickness): self
    {
        return new self($this->fibre, $thickness, $this->colour);
    }
}
