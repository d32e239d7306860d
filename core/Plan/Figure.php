<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Step;

/**
 * A computed number together with how it comes about.
 *
 * @internal
 */
final readonly class Figure
{
    /**
     * @param list<Step> $steps in the order in which a maker would work them out
     */
    public function __construct(
        public string $key,
        public Length|int|float $value,
        public array $steps,
    ) {}
}
