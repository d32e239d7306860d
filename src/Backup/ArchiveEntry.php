<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Rinkel\App\Kept\Row;
use Rinkel\Core\Piece\Fault;

/**
 * One thing in an archive, and how it stands to what is here.
 */
final readonly class ArchiveEntry
{
    /**
     * @param string      $kind   its word
     * @param Row|null    $row    null when it cannot be read
     * @param list<Fault> $faults why it cannot be
     */
    public function __construct(
        public string $kind,
        public string $uid,
        public string $name,
        public Standing $standing,
        public ?Row $row,
        public array $faults = [],
    ) {}

    /**
     * Returns the same without what it is made of: enough to be shown.
     */
    public function withoutRow(): self
    {
        return new self($this->kind, $this->uid, $this->name, $this->standing, null, $this->faults);
    }

    public function key(): string
    {
        return $this->kind.'-'.$this->uid;
    }
}
