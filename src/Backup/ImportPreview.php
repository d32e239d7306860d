<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Rinkel\App\Jobs\JobProgress;
use Rinkel\App\Platform\Files\UploadedFiles;

/**
 * Looks at an archive in steps of a second, so that one of any size can be seen through: what was found is noted beside
 * the file, and taken from there.
 */
final readonly class ImportPreview
{
    /** Seconds that one step takes. */
    private const STEP = 1.0;

    /** So many things are taken from a page at once; larger archives by the console. */
    private const MOST = 40_000;

    /** So many are shown one by one; of others it is told how many. */
    public const SHOWN = 300;

    public function __construct(
        private Import $import,
        private UploadedFiles $arriving,
    ) {}

    /**
     * Looks on for one step.
     *
     * @throws ArchiveUnreadable If the file is no archive, of a newer version or too large
     */
    public function step(string $file): Looked
    {
        $looked = $this->looked($file);
        if ($looked->isDone) {
            return $looked;
        }
        $archive = $this->import->open($file);
        if ($archive->count() > 2 * self::MOST) {
            throw ArchiveUnreadable::tooLarge();
        }
        [$next, $counts, $shown] = [$looked->next, $looked->counts, $looked->shown];
        $begun = microtime(true);
        $out = $this->rows($file, $looked->bytes);
        $isDone = true;
        foreach ($this->import->look($archive, $next) as $entry) {
            fwrite($out, base64_encode(serialize($entry))."\n");
            ++$next;
            $counts[$entry->kind][$entry->standing->value] = ($counts[$entry->kind][$entry->standing->value] ?? 0) + 1;
            if (Standing::Same !== $entry->standing && \count($shown) < self::SHOWN) {
                $shown[] = $entry->withoutRow();
            }
            if ($next > self::MOST) {
                throw ArchiveUnreadable::tooLarge();
            }
            if (microtime(true) - $begun > self::STEP) {
                $isDone = false;
                break;
            }
        }
        $looked = new Looked($next, $archive->count(), $isDone, $counts, $shown, (int) ftell($out));
        fclose($out);
        file_put_contents($this->arriving->beside($file), serialize($looked), \LOCK_EX);

        return $looked;
    }

    /**
     * @return resource where its rows are written on, after so many bytes
     */
    private function rows(string $file, int $bytes)
    {
        $out = fopen($this->arriving->beside($file).'.rows', 'c') ?: throw ArchiveUnreadable::noArchive();
        ftruncate($out, max(0, $bytes));
        fseek($out, $bytes);

        return $out;
    }

    public function looked(string $file): Looked
    {
        $noted = @file_get_contents($this->arriving->beside($file));
        $looked = false === $noted ? null : unserialize($noted); // our own, in a folder of our own

        return $looked instanceof Looked ? $looked : new Looked(0, 0, false, [], [], 0);
    }

    /**
     * Takes what was chosen: all or nothing.
     *
     * @param list<string> $keys  of those that were shown one by one
     * @param list<string> $kinds of which all others that are new or changed are taken
     */
    public function take(string $file, array $keys, array $kinds, ?JobProgress $progress = null): int
    {
        $looked = $this->looked($file);
        $progress?->of($looked->all);
        $shown = array_fill_keys(array_map(static fn (ArchiveEntry $entry): string => $entry->key(), $looked->shown), true);
        $keys = array_fill_keys($keys, true);
        $taken = $this->import->take($this->import->open($file), $this->entries(
            $file,
            static function (ArchiveEntry $entry) use ($shown, $keys, $kinds, $progress): bool {
                $progress?->step();

                return isset($shown[$entry->key()])
                    ? isset($keys[$entry->key()])
                    : $entry->standing->isTaken() && \in_array($entry->kind, $kinds, true);
            },
        ));
        $this->arriving->forget($file);
        @unlink($this->arriving->beside($file).'.rows');

        return $taken;
    }

    /**
     * @param callable(ArchiveEntry): bool $isChosen
     *
     * @return iterable<ArchiveEntry>
     */
    private function entries(string $file, callable $isChosen): iterable
    {
        $rows = fopen($this->arriving->beside($file).'.rows', 'r');
        while (false !== $rows && false !== $line = fgets($rows)) {
            $entry = unserialize((string) base64_decode($line, true));
            if ($entry instanceof ArchiveEntry && $isChosen($entry)) {
                yield $entry;
            }
        }
    }
}
