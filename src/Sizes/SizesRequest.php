<?php

declare(strict_types=1);

namespace Rinkel\App\Sizes;

use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Sizing\Sizes;

/**
 * Which sizes of a design a maker asked for, and what came of it.
 */
final readonly class SizesRequest
{
    /**
     * @param list<string>                         $ways   by which this design has sizes
     * @param list<int>                            $counts how many are made of each size, where a series is
     * @param Sizes|null                           $sizes  null where none can be planned
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    public function __construct(
        public array $ways,
        public TypedSizes $typed,
        public array $counts,
        public ?Sizes $sizes,
        public array $faults,
    ) {}

    /**
     * Returns whether each size can be drawn out on the tape: they are lengths, and all that are listed are drawn.
     */
    public function isHeld(): bool
    {
        return \in_array($this->typed->by, ['girths', 'lengths'], true) && [] === $this->faults
            && null !== $this->sizes && [] === $this->sizes->refused;
    }

    /**
     * @return list<string> the sizes as they are typed, each by itself
     */
    public function listed(): array
    {
        return RequestedSizes::listed($this->typed->list);
    }

    /**
     * Returns it as an address says it.
     *
     * @return array<string, string|list<string>>
     */
    public function query(): array
    {
        return array_filter([
            'by' => $this->typed->by,
            'list' => 'people' === $this->typed->by ? '' : $this->typed->list,
            'who' => $this->typed->people,
            'graded' => $this->typed->isGraded ? '1' : '',
            'n' => $this->typed->typedCounts,
        ], static fn (string|array $value): bool => '' !== $value && [] !== $value);
    }
}
