<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Jobs\JobCancelled;
use Rinkel\App\Jobs\JobProgress;
use Rinkel\App\Kept\Everything;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Log\Photos;

/**
 * Writes all that a maker has in Rinkel as one archive of open files: archive.json says what is in it
 * (docs/archive.schema.json), each thing is a file of its own in the folder of its kind, each photo a JPEG.
 *
 * Of a piece the file is the piece itself, as it is opened by itself; what Rinkel knows besides stands beside it.
 * Nothing in it says when it was made: two archives of the same data are the same byte by byte.
 */
final readonly class Archive
{
    public const FORMAT = 'rinkel-archive';
    public const VERSION = 2;
    public const PHOTOS = 'photos';

    /** What stands beside the file of a piece. */
    public const BESIDE = '.kept.json';

    /** Of every file in it: zip knows no earlier time. */
    private const TIME = '1980-01-01 00:00:00';

    /** So many things are held in memory at once. */
    private const AT_ONCE = 100;

    public function __construct(
        private Everything $everything,
        private Photos $photos,
        private EntityManagerInterface $manager,
    ) {}

    /**
     * Writes the archive to a new file in the folder for passing files and returns its path.
     *
     * @throws BackupFailed If there is no room for it
     */
    public function temporary(): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'rinkel-archive-');
        try {
            $this->write($file);
        } catch (\Throwable $failure) {
            @unlink($file);
            throw $failure;
        }

        return $file;
    }

    /**
     * @throws BackupFailed If the file cannot be written
     */
    public function write(string $file, ?JobProgress $progress = null): void
    {
        $progress?->of(2 * $this->count());
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE)) {
            throw BackupFailed::notWritable($file);
        }
        // One file holds all parts until the archive is closed, so that none has to be in memory.
        $spool = (string) tempnam(sys_get_temp_dir(), 'rinkel-spool-');
        $out = fopen($spool, 'w') ?: throw BackupFailed::notWritable($spool);
        try {
            $counts = [];
            $places = [];
            foreach ($this->files() as [$folder, $name, $bytes]) {
                $counts[$folder] = ($counts[$folder] ?? 0) + (str_ends_with($name, self::BESIDE) ? 0 : 1);
                if (\strlen($bytes) !== fwrite($out, $bytes)) {
                    throw BackupFailed::notWritable($spool);
                }
                $places[$name] = \strlen($bytes);
                if (!str_ends_with($name, self::BESIDE)) {
                    $progress?->step();
                }
            }
            fclose($out);
            self::add($zip, $spool, $places, $counts);
            $this->packed($zip, $file, $progress);
        } finally {
            @unlink($spool);
        }
    }

    /**
     * Returns how many files it has, photos among them.
     */
    public function count(): int
    {
        $many = iterator_count((fn () => yield from $this->photos->uids())());
        foreach ($this->everything->all() as $kind) {
            $many += iterator_count((static fn () => yield from $kind->uids())());
        }

        return $many;
    }

    /**
     * @throws BackupFailed If there is no room for it
     */
    private function packed(\ZipArchive $zip, string $file, ?JobProgress $progress): void
    {
        if (null !== $progress) {
            $many = $this->count();
            $zip->registerProgressCallback(0.01, static function (float $share) use ($progress, $many): void {
                if (!$progress->isCancelled()) {
                    $progress->to($many + (int) ($share * $many));
                }
            });
            $zip->registerCancelCallback(static fn (): int => $progress->isCancelled() ? -1 : 0);
        }
        if (!@$zip->close()) {
            throw true === $progress?->isCancelled() ? new JobCancelled() : BackupFailed::notWritable($file);
        }
    }

    /**
     * Returns all of one kind as one document of the open format, piece by piece, what came last first.
     *
     * @param array<string, string|int> $head
     *
     * @return iterable<string>
     */
    public function listed(Kept $kind, array $head, string $list): iterable
    {
        yield substr(self::json($head), 0, -3).",\n    \"{$list}\": [";
        $between = "\n";
        foreach ($this->rows($kind, array_reverse([...$kind->uids()])) as $row) {
            yield $between.rtrim(self::json($row));
            $between = ",\n";
        }
        yield "\n    ]\n}\n";
    }

    /**
     * @param array<string, int> $places lengths of the parts, in order, by their names
     * @param array<string, int> $counts
     */
    private static function add(\ZipArchive $zip, string $spool, array $places, array $counts): void
    {
        $time = (new \DateTimeImmutable(self::TIME))->getTimestamp();
        $zip->addFromString('archive.json', self::json([
            'format' => self::FORMAT, 'version' => self::VERSION, 'counts' => (object) $counts,
        ]));
        $zip->setMtimeName('archive.json', $time);
        $at = 0;
        foreach ($places as $name => $length) {
            $zip->addFile($spool, $name, $at, $length);
            $zip->setMtimeName($name, $time);
            if (str_ends_with($name, '.jpg')) {
                $zip->setCompressionName($name, \ZipArchive::CM_STORE);
            }
            $at += $length;
        }
    }

    /**
     * @return iterable<array{string, string, string}> folder, name and bytes
     */
    private function files(): iterable
    {
        foreach ($this->everything->all() as $kind) {
            $folder = $kind->folder();
            foreach ($this->rows($kind, $kind->uids()) as $row) {
                $uid = \is_string($row['uid'] ?? null) ? $row['uid'] : '';
                if ('piece' === $kind->word()) {
                    yield [$folder, "{$folder}/{$uid}.json", self::json((array) ($row['piece'] ?? []))];
                    unset($row['piece']);
                    yield [$folder, "{$folder}/{$uid}".self::BESIDE, self::json($row)];
                } else {
                    yield [$folder, "{$folder}/{$uid}.json", self::json($row)];
                }
            }
        }
        foreach ($this->photos->uids() as $uid) {
            $jpeg = $this->photos->jpeg($uid);
            if (null !== $jpeg) {
                yield [self::PHOTOS, self::PHOTOS."/{$uid}.jpg", $jpeg];
            }
        }
    }

    /**
     * @param iterable<string> $uids
     *
     * @return iterable<array<string, mixed>>
     */
    private function rows(Kept $kind, iterable $uids): iterable
    {
        $count = 0;
        foreach ($uids as $uid) {
            $stored = $kind->find($uid);
            if (null !== $stored) {
                yield $kind->row($stored);
            }
            if (0 === ++$count % self::AT_ONCE) {
                $this->manager->clear();
            }
        }
    }

    /**
     * @param array<mixed> $document
     */
    private static function json(array $document): string
    {
        return json_encode(
            $document,
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE
                | \JSON_PRESERVE_ZERO_FRACTION | \JSON_INVALID_UTF8_SUBSTITUTE,
        )."\n";
    }
}
