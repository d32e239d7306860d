<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Psr\Clock\ClockInterface;
use Rinkel\App\Board\BoardArchive;
use Rinkel\App\Log\Log;
use Rinkel\App\Log\Photos;
use Rinkel\App\People\Measure;
use Rinkel\App\People\People;
use Rinkel\App\People\Person;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\StockBox;

/**
 * Writes all that a maker has in Rinkel as one archive of open files: archive.json says what is in it
 * (docs/archive.schema.json), each piece is a file of its own (docs/piece.schema.json), people.json holds people with
 * their measures (docs/people.schema.json).
 */
final readonly class Archive
{
    public const FORMAT = 'rinkel-archive';
    public const PEOPLE = 'rinkel-people';
    public const VERSION = 1;

    public function __construct(
        private Pieces $pieces,
        private People $people,
        private ClockInterface $clock,
        private Samples $samples,
        private Log $log,
        private Photos $photos,
        private Preferences $preferences,
        private StockBox $stock,
        private BoardArchive $boards,
    ) {}

    /**
     * Writes the archive to a new file in the folder for passing files and returns its path.
     */
    public function write(string $light): string
    {
        $file = tempnam(sys_get_temp_dir(), 'rinkel-archive-');
        $zip = new \ZipArchive();
        if (false === $file || true !== $zip->open($file, \ZipArchive::OVERWRITE)) {
            throw new \RuntimeException('The archive cannot be written to '.sys_get_temp_dir().'.');
        }
        $pieces = [...$this->pieces->onTheTable(), ...$this->pieces->archived()];
        $zip->addFromString('archive.json', self::json([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'made' => $this->clock->now()->format(\DATE_ATOM),
            'settings' => ['light' => $light] + array_filter(
                $this->preferences->all(),
                static fn (string $text): bool => '' !== $text,
            ),
            'pieces' => array_map(self::piece(...), $pieces),
        ]));
        foreach ($pieces as $stored) {
            $zip->addFromString('pieces/'.$stored->uid().'.json', self::json($stored->document()));
        }
        $zip->addFromString('people.json', self::json([
            'format' => self::PEOPLE,
            'version' => self::VERSION,
            'people' => array_map(self::person(...), [...$this->people->all(), ...$this->people->all(archived: true)]),
        ]));
        $zip->addFromString('samples.json', self::json($this->samples->document()));
        $zip->addFromString('stock.json', self::json($this->stock->document()));
        $zip->addFromString('boards.json', self::json($this->boards->document()));
        $zip->addFromString('log.json', self::json($this->log->document()));
        foreach ($this->log->entries() as $entry) {
            $photo = $this->photos->file($entry->stored->uid());
            if (null !== $photo) {
                $zip->addFile($photo, 'photos/'.$entry->stored->uid().'.jpg');
            }
        }
        $zip->close();

        return $file;
    }

    /**
     * @return array<string, mixed>
     */
    private static function piece(StoredPiece $stored): array
    {
        return [
            'uid' => $stored->uid(),
            'file' => 'pieces/'.$stored->uid().'.json',
            'changed' => $stored->changedAt()->format(\DATE_ATOM),
            'putAway' => $stored->isArchived(),
            'unread' => (object) $stored->draft(),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public static function person(Person $person): array
    {
        return [
            'uid' => $person->uid(),
            'name' => $person->name(),
            'putAway' => $person->isArchived(),
            'measures' => array_map(static fn (Measure $measure): array => [
                'taken' => $measure->takenAt()->format(\DATE_ATOM),
                'measured' => $measure->measured(),
                'lengths' => (object) $measure->lengths(),
            ], $person->measures()),
        ];
    }

    /**
     * @param array<string, mixed> $document
     */
    private static function json(array $document): string
    {
        return json_encode(
            $document,
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
        )."\n";
    }
}
