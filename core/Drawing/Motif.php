<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * The picture of one knot as data, drawn once and placed often. Its unit is the diameter of the cord that ties it; its
 * origin is where the knot begins, on the middle of the core.
 *
 * @internal
 */
final readonly class Motif
{
    /**
     * @param string       $name    unique within a scene
     * @param list<Strand> $strands
     * @param float        $length  along the piece, in diameters
     */
    public function __construct(
        public string $name,
        public array $strands,
        public float $length,
    ) {}
}
