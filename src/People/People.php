<?php

declare(strict_types=1);

namespace Rinkel\App\People;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rinkel\App\Entity\Measure;
use Rinkel\App\Entity\Person;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;

/**
 * The people a maker makes for, in the database.
 */
final readonly class People
{
    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {}

    /**
     * @return list<Person> by name
     */
    public function all(): array
    {
        /** @var list<Person> */
        return $this->manager->createQuery(\sprintf('SELECT person FROM %s person WHERE person.archivedAt IS NULL ORDER BY person.name, person.id', Person::class))->getResult();
    }

    public function find(int $id): ?Person
    {
        return $this->manager->find(Person::class, $id);
    }

    /**
     * Keeps a person's name and what was measured now.
     *
     * @param array<string, Length> $lengths by place
     */
    public function keep(?Person $person, string $name, array $lengths, Measured $measured): Person
    {
        $person ??= new Person($name);
        $person->rename($name);
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

        return null === $measure || null === $girth ? null : new Wearer($girth, Measured::from($measure->measured()), $measure->length($place->passing()), $place);
    }

    /**
     * Reads what was typed for a person.
     *
     * @param array<string, string> $typed name, measured, and a length by place
     *
     * @return array{array<string, Length>, array<string, string>} lengths and faults, by field
     */
    public static function read(array $typed, Unit $unit): array
    {
        [$lengths, $faults] = [[], []];
        $name = trim($typed['name']);
        if ('' === $name || mb_strlen($name) > 80) {
            $faults['name'] = '' === $name ? 'Give a name, so that you find her or him again.' : 'A name has at most 80 characters.';
        }
        foreach (Measure::PLACES as $place) {
            $text = trim($typed[$place] ?? '');
            try {
                $length = '' === $text ? null : Length::parse($text, $unit);
                if (null !== $length && ($length->isShorterThan(Length::ofMillimetres(70)) || $length->isLongerThan(Length::ofMillimetres(800)))) {
                    $faults[$place] = \sprintf('%s is outside what can be meant here: it goes from %s to %s.', $length->written($unit), Length::ofMillimetres(70)->written($unit), Length::ofMillimetres(800)->written($unit));
                } elseif (null !== $length) {
                    $lengths[$place] = $length;
                }
            } catch (MeasureFailure $failure) {
                $faults[$place] = $failure->getMessage();
            }
        }

        return [$lengths, $faults];
    }
}
