<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Piece\Fault;

/**
 * What came of a maker's acts, besides the piece: what the page shows then, what could not be done, what is called
 * again.
 */
final readonly class Outcome
{
    /**
     * @param array<string, non-empty-list<Fault>> $faults  of what could not be done, by field
     * @param array<string, string>                $renamed stems of fields that have another name now: "beads.bead-1" to "beads.amber"
     */
    public function __construct(
        public PageState $page,
        public array $faults = [],
        public array $renamed = [],
    ) {}

    public function choosing(string $path): self
    {
        return new self($this->page->choosing($path), $this->faults, $this->renamed);
    }

    /**
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    public function with(array $faults): self
    {
        return new self($this->page, $faults + $this->faults, $this->renamed);
    }

    /**
     * @param array<string, string> $renamed
     */
    public function renaming(array $renamed): self
    {
        return new self($this->page, $this->faults, $renamed + $this->renamed);
    }
}
