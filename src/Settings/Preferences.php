<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Piece\Wish;

/**
 * How this maker works: what every new piece begins with. Each is a place in the open format and is read by its reader,
 * so that nothing can be set that no piece could have.
 */
final readonly class Preferences
{
    /** What can be set, by its place in a piece. */
    public const NAMES = ['unit', 'tension', 'risk', 'gauge'];

    public function __construct(
        private EntityManagerInterface $manager,
        private PieceReader $reader,
        private PieceWriter $writer,
    ) {}

    /**
     * @return array<string, string> as written, "" where nothing is said
     */
    public function all(): array
    {
        $texts = array_fill_keys(self::NAMES, '');
        $stored = $this->manager->createQuery(\sprintf('SELECT setting FROM %s setting', StoredSetting::class))
            ->setHint(Query::HINT_REFRESH, true)->getResult();
        foreach (\is_array($stored) ? $stored : [] as $setting) {
            if ($setting instanceof StoredSetting && isset($texts[$setting->name()])) {
                $texts[$setting->name()] = $setting->text();
            }
        }

        return $texts;
    }

    public function unit(): Unit
    {
        return Unit::tryFrom($this->all()['unit']) ?? Unit::Centimetre;
    }

    /**
     * Keeps what can be read of $texts.
     *
     * @param array<string, string> $texts by name
     *
     * @return array<string, non-empty-list<Fault>> what is wrong, by name
     */
    public function keep(array $texts): array
    {
        $texts = array_map(trim(...), array_intersect_key($texts, array_flip(self::NAMES)));
        $faults = [];
        foreach ($texts as $name => $text) {
            try {
                $unit = Unit::tryFrom($texts['unit'] ?? '') ?? Unit::Centimetre;
                $document = $this->document([$name => $text] + ['unit' => $unit->value]);
                $kept = '' === $text ? '' : self::text(
                    $this->writer->write($this->reader->read($document))[$name] ?? $text,
                );
                $this->write($name, $kept);
            } catch (PieceUnreadable $unreadable) {
                $faults[$name] = $unreadable->faults;
            }
        }
        $this->manager->flush();

        return $faults;
    }

    /**
     * Returns what a new piece begins with.
     *
     * @return array<string, int|string>
     */
    public function beginning(): array
    {
        return array_diff_key(self::said($this->all()), ['unit' => '']);
    }

    /**
     * Returns in which of them a piece is otherwise, and what the maker usually has.
     *
     * @return array<string, string> by name
     */
    public function differing(Wish $piece): array
    {
        $document = $this->writer->write($piece);
        $said = self::said($this->all());
        unset($said['unit'], $said['gauge']); // a length is the same in any unit, its text is not
        $differing = [];
        foreach ($said as $name => $usual) {
            if (isset($document[$name]) && self::text($document[$name]) !== (string) $usual) {
                $differing[$name] = (string) $usual;
            }
        }

        return $differing;
    }

    private function write(string $name, string $text): void
    {
        $stored = $this->manager->find(StoredSetting::class, $name);
        if (null === $stored) {
            $stored = new StoredSetting($name, $text);
            $this->manager->persist($stored);
        }
        $stored->write($text);
    }

    /**
     * @param array<string, string> $texts
     *
     * @return array<string, mixed> a piece with nothing else to it
     */
    private function document(array $texts): array
    {
        return [
            'format' => PieceReader::FORMAT,
            'version' => PieceReader::VERSION,
            'construction' => 'square-knot-band',
            'name' => 'Piece',
            'wearer' => ['girth' => '16 cm'],
        ] + self::said($texts);
    }

    /**
     * @param array<string, string> $texts
     *
     * @return array<string, int|string> those that say something, numbers as such
     */
    private static function said(array $texts): array
    {
        return array_map(
            static fn (string $text): int|string => 1 === preg_match('/^\d{1,9}$/D', $text) ? (int) $text : $text,
            array_filter($texts, static fn (string $text): bool => '' !== $text),
        );
    }

    private static function text(mixed $value): string
    {
        return \is_scalar($value) ? (string) $value : '';
    }
}
