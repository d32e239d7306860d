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
     * @param string                               $by     one of them
     * @param string                               $list   as it was typed, or as it stands for the usual range
     * @param list<string>                         $people chosen, by id
     * @param list<int>                            $counts how many are made of each size, where a series is
     * @param Sizes|null                           $sizes  null where none can be planned
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    public function __construct(
        public array $ways,
        public string $by,
        public string $list,
        public array $people,
        public bool $isGraded,
        public string $typedCounts,
        public array $counts,
        public ?Sizes $sizes,
        public array $faults,
    ) {}

    /**
     * Returns whether each size can be drawn out on the tape: they are lengths, and all that are listed are drawn.
     */
    public function isHeld(): bool
    {
        return \in_array($this->by, ['girths', 'lengths'], true) && [] === $this->faults
            && null !== $this->sizes && [] === $this->sizes->refused;
    }

    /**
     * @return list<string> the sizes as they are typed, each by itself
     */
    public function listed(): array
    {
        return Asking::listed($this->list);
    }

    /**
     * Returns it as an address says it.
     *
     * @return array<string, string|list<string>>
     */
    public function query(): array
    {
        return array_filter([
            'by' => $this->by,
            'list' => 'people' === $this->by ? '' : $this->list,
            'who' => $this->people,
            'graded' => $this->isGraded ? '1' : '',
            'n' => $this->typedCounts,
        ], static fn (string|array $value): bool => '' !== $value && [] !== $value);
    }
}
