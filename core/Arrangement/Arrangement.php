<?php

declare(strict_types=1);

namespace Rinkel\Core\Arrangement;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;

/**
 * Beads in an order, and how lively it is: by how much neighbours differ in colour, on average (CIEDE2000), two alike
 * counting zero.
 *
 * @internal
 */
final readonly class Arrangement
{
    public float $liveliness;

    /**
     * @param list<string>        $names at least one
     * @param array<string, Bead> $beads by name
     */
    public function __construct(
        public OrderRule $manner,
        public array $names,
        array $beads,
    ) {
        $differences = [];
        foreach (\array_slice($names, 1) as $i => $name) {
            $differences[] = $beads[$name]->colour->differenceTo($beads[$names[$i]]->colour);
        }
        $this->liveliness = [] === $differences ? 0.0 : array_sum($differences) / \count($differences);
    }

    /**
     * Returns it as a part of a pattern, neighbours that are alike counted.
     */
    public function run(): Beads
    {
        $names = [];
        foreach ($this->names as $name) {
            $last = array_pop($names) ?? [0, $name];
            array_push($names, ...($last[1] === $name ? [[$last[0] + 1, $name]] : [$last, [1, $name]]));
        }

        return new Beads(
            \count($this->names),
            BeadOrder::AsNamed,
            [] === $names ? throw new \LogicException('Nothing is arranged.') : $names,
        );
    }
}
