<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Kept\Door;
use Rinkel\App\Kept\Everything;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Rows;
use Rinkel\App\Log\Photos;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Samples\Samples;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;

/**
 * Reads an archive back: says of everything in it how it stands to what is here, and takes what is chosen, all of it or
 * nothing.
 */
final readonly class Import
{
    /** So many things are held in memory at once. */
    private const AT_ONCE = 400;

    /** Kinds of which there can be a photo. */
    private const SHOWN = ['finished', 'removed', 'making', 'piece'];

    public function __construct(
        private Everything $everything,
        private EntityManagerInterface $manager,
        private Bin $bin,
        private Photos $photos,
        private ExclusiveTransaction $alone,
        private Door $door,
        private Samples $samples,
    ) {}

    /**
     * @throws ArchiveUnreadable If the file is no archive, or of a newer version
     */
    public function open(string $file): ArchiveFile
    {
        return new ArchiveFile($file, $this->everything);
    }

    /**
     * Looks at what stands in an archive after the first $from.
     *
     * @return iterable<ArchiveEntry>
     *
     * @throws ArchiveUnreadable If a part of it is larger than anything that Rinkel writes
     */
    public function look(ArchiveFile $archive, int $from = 0): iterable
    {
        $count = 0;
        foreach ($archive->rows($from) as [$word, $row]) {
            yield $this->entry($word, $row);
            if (0 === ++$count % self::AT_ONCE) {
                $this->manager->clear();
            }
        }
    }

    /**
     * Takes entries into what is here: new ones are added, others changed; what a thing was lies in the bin, unless it
     * can be undone anyway.
     *
     * @param iterable<ArchiveEntry> $entries
     *
     * @return int how many were taken
     */
    public function take(ArchiveFile $archive, iterable $entries): int
    {
        $this->door->trust(true); // what is taken was read when it was looked at
        try {
            return $this->alone->run(fn (): int => $this->taken($archive, $entries));
        } finally {
            $this->door->trust(false);
        }
    }

    /**
     * @param iterable<ArchiveEntry> $entries
     */
    private function taken(ArchiveFile $archive, iterable $entries): int
    {
        [$taken, $kinds, $here] = [[], '', []];
        foreach ($entries as $entry) {
            $kind = $this->everything->named($entry->kind);
            if (
                null === $kind || null === $entry->row || !$entry->standing->canBeTaken()
                || isset($taken[$entry->key()])
            ) {
                continue;
            }
            if ($kinds !== $entry->kind || 0 === \count($taken) % self::AT_ONCE) {
                $this->manager->flush(); // what hangs on something finds it
                $this->manager->clear();
                $here = $kinds === $entry->kind ? $here : array_fill_keys([...$kind->uids()], true);
                $kinds = $entry->kind;
            }
            $this->bring($kind, $entry, $archive, !isset($here[$entry->uid]));
            $taken[$entry->key()] = true;
        }
        $this->manager->flush();
        $this->samples->changed();

        return \count($taken);
    }

    private function bring(Kept $kind, ArchiveEntry $entry, ArchiveFile $archive, bool $isNew): void
    {
        \assert(null !== $entry->row);
        $there = $isNew ? null : $kind->find($entry->uid);
        if (null !== $there && 'piece' !== $kind->word()) {
            $this->bin->note($kind, $there);
        }
        $kind->bring($entry->row, $isNew);
        $of = 'removed' === $kind->word() ? Rows::text($entry->row->data, 'of', 40) : $entry->uid;
        $photo = \in_array($kind->word(), self::SHOWN, true) ? $archive->photo($of) : null;
        if (null !== $photo) {
            $this->photos->bring($of, $photo);
        }
    }

    /**
     * @param array<mixed>|null $row
     */
    private function entry(string $word, ?array $row): ArchiveEntry
    {
        $kind = $this->everything->named($word) ?? throw new \LogicException('There is no such kind.');
        $said = static fn (string $name): string => \is_string($row[$name] ?? null) ? mb_substr(
            mb_scrub($row[$name]),
            0,
            80,
        ) : '';
        if (null === $row) {
            return new ArchiveEntry($word, '', '', Standing::Unreadable, null, [new Fault('', new Message('archive-part'))]);
        }
        try {
            $read = $kind->read($row);
        } catch (PieceUnreadable $unreadable) {
            return new ArchiveEntry($word, $said('uid'), $said('name'), Standing::Unreadable, null, $unreadable->faults);
        }
        $there = $kind->find($read->uid);
        $here = null === $there ? [] : $kind->row($there);

        return new ArchiveEntry($word, $read->uid, $read->name, match (true) {
            null === $there => Standing::New,
            Rows::equal($here, $read->data) => Standing::Same,
            null !== $read->changed && $this->changedAt($kind, $here) > $read->changed => Standing::Conflict,
            default => Standing::Changed,
        }, $read);
    }

    /**
     * @param array<mixed> $here
     */
    private function changedAt(Kept $kind, array $here): ?\DateTimeImmutable
    {
        try {
            return $kind->read($here)->changed;
        } catch (PieceUnreadable) {
            return null;
        }
    }
}
