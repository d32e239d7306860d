<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Supply;

/**
 * What is cut from one piece of stock, in the order of cutting: the longest first, so that a slip costs least.
 *
 * @internal
 */
final readonly class SupplyCuts
{
    /**
     * @param list<array{Demand, Length}> $cuts each with the length it gets
     * @param Length|null                 $left null of a spool whose length is not known
     */
    public function __construct(
        public Supply $supply,
        public array $cuts,
        public ?Length $left,
    ) {}

    public function sum(): Length
    {
        return Length::sum(...array_map(static fn (array $cut): Length => $cut[1], $this->cuts));
    }
}
