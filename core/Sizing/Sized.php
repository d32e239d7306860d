<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Plan\Plan;

/**
 * One size of a design with its plan.
 *
 * @internal
 */
final readonly class Sized
{
    public function __construct(
        public Size $size,
        public Plan $plan,
    ) {}
}
