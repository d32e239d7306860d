<?php

declare(strict_types=1);

namespace Rinkel\App\Sizes;

use Rinkel\App\Price\Cost;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Plan\Plan;

/**
 * A design beside itself in other materials.
 */
final readonly class MaterialSwap
{
    /**
     * @param Plan                                 $now    as it is
     * @param Plan|null                            $then   null where it cannot be made so
     * @param array<string, string>                $set    what changes, by field of the piece
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    public function __construct(
        public Plan $now,
        public ?Plan $then,
        public Cost $costNow,
        public ?Cost $costThen,
        public array $set,
        public array $typed,
        public array $faults,
    ) {}

    /**
     * Returns whether something is typed of a material.
     */
    public function hasTyped(string $path): bool
    {
        return [] !== array_filter(
            array_keys($this->typed),
            static fn (string $field): bool => str_starts_with($field, $path.'.'),
        );
    }
}
