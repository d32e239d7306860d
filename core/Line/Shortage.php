<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

/**
 * Beads that hold a line back: which kind runs out first, how many there are and how many the unbound line would take.
 *
 * @internal
 */
final readonly class Shortage
{
    public function __construct(
        public string $bead,
        public int $stock,
        public int $wanted,
    ) {}
}
