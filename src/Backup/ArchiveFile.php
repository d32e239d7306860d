<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Rinkel\App\Kept\Everything;
use Rinkel\App\Platform\Files\Json;
use Rinkel\App\Settings\KeptSettings;
use Rinkel\Core\Stock\Kind;

/**
 * An archive as it is read: its rows one by one, of this version and of the first, within bounds.
 *
 * The first had all people, samples and entries in a file each, and pieces with what is said of them in archive.json.
 */
final class ArchiveFile
{
    /** Bytes of one thing with all that it was before. */
    private const LARGEST = 8_000_000;
    private const LARGEST_PHOTO = 8_000_000;

    /** Lists of the first version: file, list, word of the kind, and what its rows did not say themselves. */
    private const FIRST = [
        ['people.json', 'people', 'person', []],
        ['stock.json', 'cords', 'stock', ['is' => 'cord']],
        ['stock.json', 'beads', 'stock', ['is' => 'bead']],
        ['stock.json', 'findings', 'stock', ['is' => 'finding']],
        ['stock.json', 'glues', 'stock', ['is' => 'glue']],
        ['archive.json', 'pieces', 'piece', []],
        ['boards.json', 'boards', 'board', []],
        ['samples.json', 'samples', 'sample', []],
        ['log.json', 'entries', 'finished', []],
    ];

    private \ZipArchive $zip;
    private int $version;

    /**
     * @throws ArchiveUnreadable If the file is no archive, or of a newer version
     */
    public function __construct(
        private readonly string $file,
        private readonly Everything $everything,
    ) {
        $this->zip = new \ZipArchive();
        if (true !== $this->zip->open($file, \ZipArchive::RDONLY)) {
            throw ArchiveUnreadable::noArchive();
        }
        $head = $this->head('archive.json');
        $isOne = 1 === preg_match('/"format"\s*:\s*"'.Archive::FORMAT.'"/', $head);
        if (!$isOne || 1 !== preg_match('/"version"\s*:\s*(\d{1,6})/', $head, $match)) {
            throw ArchiveUnreadable::noArchive();
        }
        $this->version = (int) $match[1];
        if ($this->version > Archive::VERSION) {
            throw ArchiveUnreadable::newer($this->version);
        }
    }

    /**
     * Returns how many files it holds.
     */
    public function count(): int
    {
        return $this->zip->numFiles;
    }

    /**
     * Returns the rows after the first $from, each with the word of its kind; null of what cannot be read at all.
     *
     * @return iterable<array{string, array<mixed>|null}>
     *
     * @throws ArchiveUnreadable If a part of it is larger than anything that Rinkel writes
     */
    public function rows(int $from): iterable
    {
        yield from 1 === $this->version ? $this->firstRows($from) : $this->ownRows($from);
    }

    public function photo(string $uid): ?string
    {
        $name = Archive::PHOTOS.'/'.$uid.'.jpg';
        $size = $this->zip->statName($name)['size'] ?? 0;

        return $size > 0 && $size <= self::LARGEST_PHOTO ? (string) $this->zip->getFromName($name) : null;
    }

    /**
     * @return iterable<array{string, array<mixed>|null}>
     */
    private function ownRows(int $from): iterable
    {
        $words = [];
        foreach ($this->everything->all() as $word => $kind) {
            $words[$kind->folder()] = $word;
        }
        $row = 0;
        // In the order in which they were written: what hangs on something comes after it.
        for ($i = 0; $i < $this->zip->numFiles; ++$i) {
            $name = (string) $this->zip->getNameIndex($i);
            $found = preg_match('~^([a-z]+)/([0-9a-z-]{1,40})\.json$~D', $name, $match);
            $word = 1 === $found ? $words[$match[1]] ?? null : null;
            if (null === $word || ++$row <= $from) {
                continue;
            }
            $read = $this->document($name);
            if ('piece' === $word && null !== $read) {
                $beside = $this->document('pieces/'.$match[2].Archive::BESIDE);
                $read = null === $beside ? null : ['piece' => $read] + $beside;
            }
            yield [$word, $read];
        }
    }

    /**
     * @return iterable<array{string, array<mixed>|null}>
     */
    private function firstRows(int $from): iterable
    {
        $row = 0;
        $settings = $this->document('archive.json')['settings'] ?? null;
        if (\is_array($settings) && [] !== array_diff_key($settings, ['light' => '']) && ++$row > $from) {
            yield ['settings', ['uid' => KeptSettings::UID] + $settings];
        }
        foreach (self::FIRST as [$file, $list, $word, $more]) {
            $stream = $this->zip->getStream($file);
            if (false === $stream) {
                continue; // older archives have no samples, no log, no stock or no boards
            }
            $seen = [];
            try {
                foreach (Json::rows($stream, [$list], self::LARGEST) as [, $text]) {
                    if (++$row <= $from && 'board' !== $word) {
                        continue;
                    }
                    $read = self::decoded($text);
                    $uid = \is_string($read['uid'] ?? null) ? $read['uid'] : '';
                    $seen[$uid] = ($seen[$uid] ?? 0) + 1;
                    if (null !== $read && $seen[$uid] > 1) {
                        // Two boards of one piece were called alike.
                        $read['uid'] = md5($uid.$seen[$uid]);
                    }
                    if ($row > $from) {
                        yield [
                            $word,
                            'piece' === $word ? $this->withPiece($read) : (null === $read ? null : $read + $more),
                        ];
                    }
                }
            } catch (\JsonException) {
                throw ArchiveUnreadable::tooLarge();
            } finally {
                fclose($stream);
            }
        }
    }

    /**
     * @param array<mixed>|null $row
     *
     * @return array<mixed>|null
     */
    private function withPiece(?array $row): ?array
    {
        $file = $row['file'] ?? null;

        return null === $row || !\is_string($file) ? null : ['piece' => $this->document($file)] + $row;
    }

    /**
     * @return array<mixed>|null
     */
    private function document(string $name): ?array
    {
        $size = $this->zip->statName($name)['size'] ?? \PHP_INT_MAX;

        return $size > self::LARGEST ? null : self::decoded((string) $this->zip->getFromName($name));
    }

    /**
     * @return array<mixed>|null
     */
    private static function decoded(string $text): ?array
    {
        try {
            return Json::read($text, self::LARGEST);
        } catch (\JsonException) {
            return null;
        }
    }

    private function head(string $name): string
    {
        $stream = $this->zip->getStream($name);
        if (false === $stream) {
            return '';
        }
        $head = (string) fread($stream, 4096);
        fclose($stream);

        return $head;
    }

    public function __destruct()
    {
        @$this->zip->close();
    }
}
