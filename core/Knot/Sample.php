<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Measure\Length;

/**
 * What a maker measured on knots of their own: the length of one, and what it took of each working cord.
 *
 * @internal
 */
final readonly class Sample
{
    public function __construct(
        public Length $pitch,
        public Length $use,
    ) {}
}
