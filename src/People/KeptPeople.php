<?php

declare(strict_types=1);

namespace Rinkel\App\People;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Measurement;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * People with all their measures (docs/kept.schema.json).
 */
final readonly class KeptPeople implements Kept
{
    private const LONGEST = 80;

    /** Longest texts of what is known besides, by field; born is a month, "2019-04". */
    public const ABOUT = ['contact' => 500, 'allergies' => 300, 'notes' => 1000, 'born' => 7];
    private const MOST_MEASURES = 500;

    public function __construct(
        private EntityManagerInterface $manager,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'person';
    }

    public function folder(): string
    {
        return 'people';
    }

    public function page(): string
    {
        return 'people';
    }

    public function rank(): int
    {
        return 10;
    }

    public function stores(): array
    {
        return [Person::class, Measure::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('person');
    }

    public function find(string $uid): ?Person
    {
        return $this->manager->getRepository(Person::class)->findOneBy(['uid' => $uid]);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof Person);

        return [
            'uid' => $stored->uid(),
            'name' => $stored->name(),
            'about' => (object) $stored->about(),
            'putAway' => $stored->archivedAt()?->format(\DATE_ATOM) ?? false,
            'measures' => array_map(static fn (Measure $measure): array => [
                'taken' => $measure->takenAt()->format(\DATE_ATOM),
                'measured' => $measure->measured(),
                'lengths' => (object) $measure->lengths(),
            ], $stored->measures()),
        ];
    }

    public function check(object $stored): void
    {
        if ($stored instanceof Measure) {
            self::lengths($stored->lengths());
        } else {
            \assert($stored instanceof Person);
            self::name(['name' => $stored->name()]);
            self::about($stored->about());
        }
    }

    public function read(array $row): Row
    {
        [$uid, $name] = [Rows::uid($row), self::name($row)];
        $putAway = \is_bool($row['putAway'] ?? false)
            ? (true === ($row['putAway'] ?? false) ? new \DateTimeImmutable('@0') : null)
            : Rows::timeOrNone($row, 'putAway');
        $measures = array_map(static fn (array $measure): array => [
            'taken' => Rows::time($measure, 'taken')->format(\DATE_ATOM),
            'measured' => (Measured::tryFrom(Rows::text($measure, 'measured', 20)) ?? Measured::Snug)->value,
            'lengths' => (object) self::lengths(
                \is_array($measure['lengths'] ?? []) ? $measure['lengths'] ?? [] : [],
            ),
        ], Rows::list($row, 'measures', self::MOST_MEASURES));

        return new Row($uid, $name, [
            'uid' => $uid,
            'name' => $name,
            'about' => (object) self::about(\is_array($row['about'] ?? null) ? $row['about'] : []),
            'putAway' => $putAway?->format(\DATE_ATOM) ?? false,
            'measures' => $measures,
        ]);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $person = ($isNew ? null : $this->find($row->uid)) ?? new Person($row->name, $row->uid);
        $person->rename($row->name);
        $person->tell(self::about((array) $row->data['about']));
        foreach (array_reverse(Rows::list($row->data, 'measures', self::MOST_MEASURES)) as $measure) {
            /** @var array<string, string> $lengths */
            $lengths = (array) $measure['lengths'];
            $person->measuredThen($lengths, Rows::text($measure, 'measured', 20), Rows::time($measure, 'taken'));
        }
        $putAway = false === $row->data['putAway'] ? null : Rows::timeOrNone($row->data, 'putAway');
        $person->restore();
        if (null !== $putAway) {
            $person->archive($putAway);
        }
        $this->manager->persist($person);
    }

    /**
     * @param array<mixed> $about
     *
     * @return array<string, string> what is empty is left out
     *
     * @throws PieceUnreadable If a text is too long, or they were born in no month
     */
    public static function about(array $about): array
    {
        $read = [];
        foreach (self::ABOUT as $field => $longest) {
            $text = trim(Rows::text($about, $field, $longest));
            if ('born' === $field && '' !== $text && 1 !== preg_match('/^(?:19|20)\d\d-(?:0[1-9]|1[0-2])$/D', $text)) {
                throw PieceUnreadable::at('born', new Message('month-wanted'));
            }
            $read += '' === $text ? [] : [$field => $text];
        }

        return $read;
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }

    /**
     * @param array<mixed> $row
     */
    private static function name(array $row): string
    {
        $name = $row['name'] ?? null;
        $name = \is_string($name) ? trim(preg_replace('/[\s\p{Z}\p{C}]+/u', ' ', mb_scrub($name)) ?? '') : '';

        return '' === $name || mb_strlen($name) > self::LONGEST
            ? throw PieceUnreadable::at('name', new Message('person-unread')) : $name;
    }

    /**
     * @param array<mixed> $lengths by place
     *
     * @return array<string, string> exact
     */
    private static function lengths(array $lengths): array
    {
        $read = [];
        foreach ($lengths as $place => $text) {
            try {
                $measurement = Measurement::tryFrom((string) $place);
                $length = Length::parse(\is_string($text) ? $text : '', Unit::Millimetre);
                $read[(string) $place] = (string) ($measurement?->checked($length, Unit::Centimetre)
                    ?? throw PieceUnreadable::at('measures', new Message('person-unread')));
            } catch (MeasureFailure $failure) {
                throw PieceUnreadable::at('measures.'.$place, $failure->said());
            }
        }

        return $read;
    }
}
