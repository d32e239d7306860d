<?php

declare(strict_types=1);

namespace Rinkel\App\People;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Measurement;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;

/**
 * The people a maker makes for, in the database.
 */
final readonly class People
{
    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Randomizer $chance,
    ) {}

    /**
     * @return list<Person> by name
     */
    public function all(bool $archived = false): array
    {
        /** @var list<Person> */
        return $this->manager->createQuery(
            \sprintf(
                'SELECT person, measure FROM %s person LEFT JOIN person.measures measure
                    WHERE person.archivedAt IS %s NULL
                    ORDER BY person.name, person.id, measure.takenAt DESC, measure.id DESC',
                Person::class,
                $archived ? 'NOT' : '',
            ),
        )->getResult();
    }

    /**
     * @return list<string> what they are called, by name
     */
    public function names(): array
    {
        return array_values(array_filter($this->manager->getConnection()->fetchFirstColumn(
            'SELECT name FROM person WHERE archived_at IS NULL ORDER BY name, id',
        ), is_string(...)));
    }

    /**
     * Returns whoever is called so, whether written with capitals or not.
     */
    public function named(string $name): ?Person
    {
        foreach ($this->all() as $person) {
            if (mb_strtolower($person->name()) === mb_strtolower(trim($name))) {
                return $person;
            }
        }

        return null;
    }

    public function find(int $id): ?Person
    {
        return $this->manager->find(Person::class, $id);
    }

    /**
     * Keeps a person's name and what was measured now.
     *
     * @param array<string, Length>      $lengths by place
     * @param array<string, string>|null $about   as Person has it; as it is where null
     */
    public function keep(
        ?Person $person,
        string $name,
        array $lengths,
        Measured $measured,
        ?array $about = null,
    ): Person {
        $person ??= new Person($name, bin2hex($this->chance->getBytes(16)));
        $person->rename($name);
        $person->tell($about ?? $person->about());
        if ([] !== $lengths) {
            $person->measure(array_map(strval(...), $lengths), $measured->value, $this->clock->now());
        }
        $this->manager->persist($person);
        $this->manager->flush();

        return $person;
    }

    public function archive(Person $person): void
    {
        $person->archive($this->clock->now());
        $this->manager->flush();
    }

    public function restore(Person $person): void
    {
        $person->restore();
        $this->manager->flush();
    }

    /**
     * Returns $person's last measures there, null when the place was never measured.
     */
    public static function measured(Person $person, BodyPlace $place): ?Wearer
    {
        $measure = $person->latest();
        $girth = $measure?->length($place->value);

        return null === $measure || null === $girth ? null : new Wearer(
            $girth,
            Measured::from($measure->measured()),
            $measure->length($place->passing()->value),
            $place,
        );
    }

    /**
     * Reads what was typed for a person.
     *
     * @param array<string, string> $typed name on one line, measured, and a length by place
     *
     * @return array{array<string, Length>, array<string, Message>} lengths and faults, by field
     */
    public static function read(array $typed, Unit $unit): array
    {
        [$lengths, $faults] = [[], []];
        if ('' === $typed['name'] || mb_strlen($typed['name']) > 80) {
            $faults['name'] = '' === $typed['name']
                ? new Message('name-of-person-wanted')
                : new Message('name-too-long', ['most' => 80, 'found' => mb_strlen($typed['name'])]);
        }
        foreach (Measurement::cases() as $measurement) {
            $text = trim($typed[$measurement->value] ?? '');
            try {
                if ('' !== $text) {
                    $lengths[$measurement->value] = $measurement->checked(Length::parse($text, $unit), $unit);
                }
            } catch (MeasureFailure $failure) {
                $faults[$measurement->value] = $failure->said();
            }
        }

        return [$lengths, $faults];
    }
}
