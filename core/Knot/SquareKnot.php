<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;

/**
 * Two half knots from opposite sides; it lies flat and shows one bump on each edge.
 *
 * @internal
 */
final readonly class SquareKnot
{
    public function tied(Bundle $core, Cord $working, Tension $tension): TiedKnot
    {
        return HalfKnot::flat()->tied($core, $working, $tension)->times(2);
    }
}
