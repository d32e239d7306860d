<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

/**
 * A ready design as the shelf shows it: drawn, and with what it needs as it is there.
 */
final readonly class Design
{
    /**
     * @param string                                      $picture  as SVG
     * @param list<array{string, string, string, string}> $cords    length, thickness, fibre and colour of each
     * @param array<string, int>                          $beads    how many by name
     * @param array<string, int>                          $findings likewise
     */
    public function __construct(
        public string $name,
        public string $picture,
        public array $cords,
        public array $beads,
        public array $findings,
    ) {}
}
