<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

/**
 * How far an archive was looked at, and what was found.
 */
final readonly class Looked
{
    /**
     * @param int                               $next   things that were looked at
     * @param int                               $all    files that there are, about as many
     * @param array<string, array<string, int>> $counts of each kind by how they stand
     * @param list<ArchiveEntry>                $shown  the first that are not as they are here, without their rows
     * @param int                               $bytes  of what is noted of them
     */
    public function __construct(
        public int $next,
        public int $all,
        public bool $isDone,
        public array $counts,
        public array $shown,
        public int $bytes,
    ) {}

    /**
     * Returns of each kind how many more there are to take than are shown.
     *
     * @return array<string, int>
     */
    public function others(): array
    {
        $others = [];
        foreach ($this->counts as $kind => $counts) {
            $all = ($counts[Standing::New->value] ?? 0) + ($counts[Standing::Changed->value] ?? 0);
            $shown = \count(array_filter(
                $this->shown,
                static fn (ArchiveEntry $entry): bool => $kind === $entry->kind && $entry->standing->isTaken(),
            ));
            $others[$kind] = $all - $shown;
        }

        return array_filter($others, static fn (int $count): bool => $count > 0);
    }

    /**
     * Returns whether anything of it would change what is here.
     */
    public function canTake(): bool
    {
        foreach ($this->shown as $entry) {
            if ($entry->standing->canBeTaken()) {
                return true;
            }
        }

        return [] !== $this->others();
    }

    public function same(): int
    {
        return array_sum(array_map(
            static fn (array $counts): int => $counts[Standing::Same->value] ?? 0,
            $this->counts,
        ));
    }
}
