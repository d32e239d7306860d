<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\Wish;

/**
 * One piece or person of an archive, or its settings, and how it stands to what is here.
 */
final readonly class Entry
{
    /**
     * @param string               $kind     "piece", "person", "sample", "finished", "stock", "board" or "settings"
     * @param Wish|null            $piece    null of a person, or when it cannot be read
     * @param array<string, mixed> $document of a person as in people.json; of a piece what archive.json says of it
     * @param list<Fault>          $faults   why it cannot be read
     */
    public function __construct(
        public string $kind,
        public string $uid,
        public string $name,
        public Standing $standing,
        public ?Wish $piece,
        public array $document,
        public array $faults = [],
    ) {}
}
