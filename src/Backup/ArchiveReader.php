<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Rinkel\App\Board\BoardArchive;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Log\Log;
use Rinkel\App\Log\Photos;
use Rinkel\App\People\People;
use Rinkel\App\People\Person;
use Rinkel\App\Piece\FieldTexts;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\ItemReader;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Measurement;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Piece\SampleReader;
use Rinkel\Core\Piece\StockReader;
use Rinkel\Core\Said;
use Rinkel\Core\Stock\Kind;

/**
 * Reads an archive back: says of everything in it how it stands to what is here, and takes what is chosen.
 */
final readonly class ArchiveReader
{
    /** Bytes, unpacked. */
    private const LARGEST = 60_000_000;

    /** By which the settings are taken; no piece and nobody is called so. */
    private const SETTINGS = '00000000000000000000000000000001';

    public function __construct(
        private Pieces $pieces,
        private People $people,
        private PieceFiles $files,
        private PieceWriter $writer,
        private Preferences $preferences,
        private Samples $samples,
        private Log $log,
        private SampleReader $reader,
        private Photos $photos,
        private StockBox $stock,
        private ItemReader $items,
        private BoardArchive $boards,
    ) {}

    /**
     * @return list<Entry>
     *
     * @throws ArchiveUnreadable If the file is no archive, or of a newer version
     */
    public function entries(string $file): array
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::RDONLY)) {
            throw ArchiveUnreadable::noArchive();
        }
        try {
            self::checkSize($zip);
            $index = self::json($zip, 'archive.json', Archive::FORMAT);
            $people = self::json($zip, 'people.json', Archive::PEOPLE);
            $entries = [];
            foreach (self::rows($index, 'pieces') as $row) {
                $entries[] = $this->piece($row, (string) $zip->getFromName(self::text($row, 'file')));
            }
            foreach (self::rows($people, 'people') as $row) {
                $entries[] = $this->person($row);
            }
            // Older archives have no samples, no log, no stock or no boards.
            foreach (self::optional($zip, 'samples.json', SampleReader::FORMAT, 'samples') as $row) {
                $entries[] = $this->sample($row);
            }
            foreach (Kind::cases() as $kind) {
                foreach (self::optional($zip, 'stock.json', StockReader::FORMAT, $kind->all()) as $row) {
                    $entries[] = $this->thing($kind, $row);
                }
            }
            foreach (self::optional($zip, 'boards.json', BoardArchive::FORMAT, 'boards') as $row) {
                $entries[] = $this->board($row);
            }
            foreach (self::optional($zip, 'log.json', Log::FORMAT, 'entries') as $row) {
                $entries[] = $this->finished($row, (string) $zip->getFromName('photos/'.self::uid($row).'.jpg'));
            }
            $settings = $this->settings($index['settings'] ?? null);

            return null === $settings ? $entries : [...$entries, $settings];
        } finally {
            $zip->close();
        }
    }

    /**
     * Takes entries into what is here: new ones are added; one that is here is changed, which for a piece can be
     * undone.
     *
     * @param list<Entry> $entries
     *
     * @return int how many were taken
     */
    public function take(array $entries): int
    {
        $taken = 0;
        foreach ($entries as $entry) {
            $taken += match (true) {
                Standing::Unreadable === $entry->standing, Standing::Same === $entry->standing => 0,
                null !== $entry->piece => $this->pieces->bring(
                    $entry->uid,
                    $entry->piece,
                    self::drafts($entry->document),
                    true === ($entry->document['putAway'] ?? false),
                ),
                self::SETTINGS === $entry->uid => [] === $this->preferences->keep(self::written($entry->document))
                    ? 1
                    : 0,
                'sample' === $entry->kind => $this->bringSample($entry),
                'finished' === $entry->kind => $this->bringFinished($entry),
                'stock' === $entry->kind => $this->bringThing($entry),
                'board' === $entry->kind => $this->bringBoard($entry),
                default => $this->people->bring(
                    $entry->uid,
                    $entry->name,
                    self::measures($entry->document),
                    true === ($entry->document['putAway'] ?? false),
                ),
            };
        }

        return $taken;
    }

    /**
     * Returns how the archive's settings stand to those here; null when it has none.
     */
    private function settings(mixed $settings): ?Entry
    {
        $there = self::written(\is_array($settings) ? $settings : []);
        $here = array_filter($this->preferences->all(), static fn (string $text): bool => '' !== $text);
        $standing = match (true) {
            $there === array_intersect_key($here, $there) => Standing::Same,
            [] === $here => Standing::New,
            default => Standing::Changed,
        };

        return [] === $there ? null : new Entry('settings', self::SETTINGS, '', $standing, null, $there);
    }

    /**
     * @param array<mixed> $settings
     *
     * @return array<string, string> those that a maker can set
     */
    private static function written(array $settings): array
    {
        $written = [];
        foreach (Preferences::names() as $name) {
            if (\is_string($settings[$name] ?? null)) {
                $written[$name] = $settings[$name];
            }
        }

        return $written;
    }

    /**
     * @return list<array<mixed>> rows of a file that an archive may have
     */
    private static function optional(\ZipArchive $zip, string $file, string $format, string $rows): array
    {
        return false === $zip->locateName($file) ? [] : self::rows(self::json($zip, $file, $format), $rows);
    }

    /**
     * @param array<mixed> $row
     */
    private function sample(array $row): Entry
    {
        $uid = self::uid($row);
        try {
            $this->reader->read($row);
            $standing = '' === $uid ? Standing::Unreadable : (
                $this->samples->has($uid) ? Standing::Same : Standing::New
            );

            return new Entry(
                'sample',
                $uid,
                self::text($row, 'knot').' '.self::text($row, 'length'),
                $standing,
                null,
                self::named($row),
            );
        } catch (PieceUnreadable $unreadable) {
            return new Entry(
                'sample',
                $uid,
                self::text($row, 'knot'),
                Standing::Unreadable,
                null,
                [],
                $unreadable->faults,
            );
        }
    }

    /**
     * @param array<mixed> $row
     */
    private function finished(array $row, string $photo): Entry
    {
        $uid = self::uid($row);
        $isEntry = '' !== $uid && '' !== self::text($row, 'name') && \is_array($row['piece'] ?? null);
        $standing = match (true) {
            !$isEntry => Standing::Unreadable,
            $this->log->has($uid) => Standing::Same,
            default => Standing::New,
        };

        return new Entry(
            'finished',
            $uid,
            self::text($row, 'name'),
            $standing,
            null,
            ['photo' => $photo] + self::named($row),
        );
    }

    /**
     * @param array<mixed> $row of something in stock
     */
    private function thing(Kind $kind, array $row): Entry
    {
        $uid = self::uid($row);
        $name = self::text($row, 'name');
        $name = '' === $name ? $kind->value : $name;
        try {
            $told = $this->items->read($kind, $row, 'new');
        } catch (PieceUnreadable $unreadable) {
            return new Entry('stock', $uid, $name, Standing::Unreadable, null, [], $unreadable->faults);
        }
        $here = $this->stock->withUid($uid);
        $standing = match (true) {
            '' === $uid => Standing::Unreadable,
            null === $here => Standing::New,
            self::sorted($here->document()) === self::sorted($told->document) => Standing::Same,
            default => Standing::Changed,
        };

        return new Entry('stock', $uid, $name, $standing, null, ['is' => $kind->value] + $told->document);
    }

    /**
     * @param array<mixed> $row
     */
    private function board(array $row): Entry
    {
        $uid = self::uid($row);
        $piece = \is_array($row['piece'] ?? null) ? $row['piece'] : [];
        $name = self::text($piece, 'name');
        try {
            $this->boards->check($row);
        } catch (PieceUnreadable $unreadable) {
            return new Entry('board', $uid, $name, Standing::Unreadable, null, [], $unreadable->faults);
        }
        // What is on a board here goes on here.
        $standing = match (true) {
            '' === $uid => Standing::Unreadable,
            null === $this->boards->isSame($row) => Standing::New,
            default => Standing::Same,
        };

        return new Entry('board', $uid, $name, $standing, null, self::named($row));
    }

    private function bringThing(Entry $entry): int
    {
        $kind = Kind::tryFrom(self::text($entry->document, 'is')) ?? Kind::Cord;
        $this->stock->keep($this->stock->withUid($entry->uid), $kind, $entry->document, $entry->uid);

        return 1;
    }

    private function bringBoard(Entry $entry): int
    {
        $piece = $this->pieces->withUid(self::text($entry->document, 'pieceUid'));

        return null !== $piece && $this->boards->bring($entry->document, $piece) ? 1 : 0;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private static function sorted(array $document): array
    {
        ksort($document);

        return $document;
    }

    private function bringSample(Entry $entry): int
    {
        $document = array_diff_key($entry->document, ['uid' => 0, 'taken' => 0, 'aside' => 0]);
        $taken = self::time(self::text($entry->document, 'taken'));
        $this->samples->add($document, $entry->uid, $taken, true === ($entry->document['aside'] ?? false));

        return 1;
    }

    private function bringFinished(Entry $entry): int
    {
        $document = array_diff_key($entry->document, ['uid' => 0, 'finished' => 0, 'photo' => 0]);
        $this->log->add($document, $entry->uid, self::time(self::text($entry->document, 'finished')));
        $this->samples->changed();
        $photo = self::text($entry->document, 'photo');
        if ('' !== $photo) {
            $file = (string) tempnam(sys_get_temp_dir(), 'rinkel-photo-');
            file_put_contents($file, $photo);
            $jpeg = $this->photos->read($file);
            unlink($file);
            if (null !== $jpeg) {
                $this->photos->keep($entry->uid, $jpeg);
            }
        }

        return 1;
    }

    private static function checkSize(\ZipArchive $zip): void
    {
        $sum = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $sum += $zip->statIndex($i)['size'] ?? 0;
        }
        if ($sum > self::LARGEST || $zip->numFiles > 20_000) {
            throw ArchiveUnreadable::tooLarge();
        }
    }

    /**
     * @param array<mixed> $row
     */
    private function piece(array $row, string $json): Entry
    {
        $uid = self::uid($row);
        try {
            $piece = $this->files->parse($json);
        } catch (PieceUnreadable $unreadable) {
            return new Entry(
                'piece',
                $uid,
                self::text($row, 'file'),
                Standing::Unreadable,
                null,
                [],
                $unreadable->faults,
            );
        }
        $here = $this->pieces->withUid($uid);
        $standing = match (true) {
            '' === $uid => Standing::Unreadable,
            null === $here => Standing::New,
            $here->document() === $this->writer->write($piece) && $here->draft() === self::drafts($row) => Standing::Same,
            $here->changedAt() > self::time(self::text($row, 'changed')) => Standing::Conflict,
            default => Standing::Changed,
        };

        return new Entry('piece', $uid, $piece->name, $standing, $piece, self::named($row));
    }

    /**
     * @param array<mixed> $row
     */
    private function person(array $row): Entry
    {
        $uid = self::uid($row);
        $name = trim(preg_replace('/[\s\p{Z}\p{C}]+/u', ' ', mb_scrub(self::text($row, 'name'))) ?? '');
        $here = $this->people->withUid($uid);
        if ('' === $uid || '' === $name || mb_strlen($name) > 80 || null === self::measures($row)) {
            return new Entry(
                'person',
                $uid,
                $name,
                Standing::Unreadable,
                null,
                [],
                [new Fault('', new Said('person-unread'))],
            );
        }
        $standing = match (true) {
            null === $here => Standing::New,
            self::isSame($here, $row) => Standing::Same,
            default => Standing::Changed,
        };

        return new Entry('person', $uid, $name, $standing, null, self::named($row));
    }

    /**
     * @param array<mixed> $row
     */
    private static function isSame(Person $here, array $row): bool
    {
        $plain = static fn (mixed $document): mixed => json_decode((string) json_encode($document), true);

        return $plain(Archive::person($here)) === $plain($row);
    }

    /**
     * @param array<mixed> $row
     *
     * @return list<array{\DateTimeImmutable, string, array<string, string>}>|null last taken first; null when one is no measure
     */
    private static function measures(array $row): ?array
    {
        $measures = [];
        foreach (self::rows($row, 'measures') as $measure) {
            $lengths = [];
            foreach (\is_array($measure['lengths'] ?? null) ? $measure['lengths'] : [] as $place => $text) {
                $measurement = Measurement::tryFrom((string) $place);
                try {
                    $lengths[(string) $place] = (string) $measurement?->checked(
                        Length::parse(\is_string($text) ? $text : '', Unit::Millimetre),
                        Unit::Centimetre,
                    );
                } catch (MeasureFailure) {
                    return null;
                }
                if (null === $measurement) {
                    return null;
                }
            }
            $measures[] = [
                self::time(self::text($measure, 'taken')),
                (Measured::tryFrom(self::text($measure, 'measured')) ?? Measured::Snug)->value,
                $lengths,
            ];
        }

        return $measures;
    }

    /**
     * @param array<mixed> $row
     *
     * @return array<string, string>
     */
    private static function drafts(array $row): array
    {
        return FieldTexts::texts($row['unread'] ?? []);
    }

    /**
     * @return array<mixed>
     */
    private static function json(\ZipArchive $zip, string $name, string $format): array
    {
        $document = json_decode((string) $zip->getFromName($name), true, 16);
        if (!\is_array($document) || $format !== ($document['format'] ?? null) || !\is_int($document['version'] ?? null)) {
            throw ArchiveUnreadable::noArchive();
        }

        $known = StockReader::FORMAT === $format ? StockReader::VERSION : Archive::VERSION;

        return $document['version'] > $known ? throw ArchiveUnreadable::newer($document['version']) : $document;
    }

    /**
     * @param array<mixed> $document
     *
     * @return list<array<mixed>>
     */
    private static function rows(array $document, string $name): array
    {
        return array_values(array_filter(\is_array($document[$name] ?? null) ? $document[$name] : [], is_array(...)));
    }

    /**
     * @param array<mixed> $row
     */
    private static function text(array $row, string $name): string
    {
        return \is_string($row[$name] ?? null) ? $row[$name] : '';
    }

    /**
     * @param array<mixed> $row
     */
    private static function uid(array $row): string
    {
        return 1 === preg_match('/^[0-9a-f]{32}$/D', self::text($row, 'uid')) ? self::text($row, 'uid') : '';
    }

    /**
     * @param array<mixed> $row
     *
     * @return array<string, mixed>
     */
    private static function named(array $row): array
    {
        return array_filter($row, is_string(...), \ARRAY_FILTER_USE_KEY);
    }

    private static function time(string $text): \DateTimeImmutable
    {
        return \DateTimeImmutable::createFromFormat(\DATE_ATOM, $text) ?: new \DateTimeImmutable('@0');
    }
}
