<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Cord;

/**
 * How one maker's knots differ from the model of their hand.
 *
 * @internal
 */
interface TensionAdjustment
{
    /**
     * Returns by how many times such a knot is longer than the model, and by how many times it takes more.
     *
     * @param string $kind of knot or section, by its word
     *
     * @return array{float, float}
     */
    public function of(string $kind, Cord $cord, bool $isPushed, ?Tension $said): array;
}
