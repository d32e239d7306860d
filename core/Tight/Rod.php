<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * A straight rigid core along z: it gives way sideways, to the cords and to other cores, unless all are held.
 *
 * @internal
 */
final readonly class Rod
{
    public function __construct(public float $x, public float $y, public float $diameter)
    {
        $diameter > 0 || throw new \InvalidArgumentException('A rod has a thickness.');
    }
}
