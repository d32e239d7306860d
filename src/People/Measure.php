<?php

declare(strict_types=1);

namespace Rinkel\App\People;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;

/**
 * What was measured of one person at one time.
 */
#[ORM\Entity]
#[ORM\Table('measure')]
#[ORM\Index('measure_person', columns: ['person_id', 'taken_at'])]
class Measure
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType, property.onlyWritten (the database gives it)

    /**
     * @param array<string, string> $lengths exact, by place
     */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'measures'), ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Person $person,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $takenAt,
        #[ORM\Column(type: Types::JSON)]
        private array $lengths,
        #[ORM\Column(length: 20)]
        private string $measured,
    ) {}

    public function person(): Person
    {
        return $this->person;
    }

    public function takenAt(): \DateTimeImmutable
    {
        return $this->takenAt;
    }

    /**
     * @return array<string, string> what is a text of them
     */
    public function lengths(): array
    {
        return array_filter($this->lengths, is_string(...));
    }

    /**
     * Returns what was measured there; null where nothing was, or nothing that can be read.
     */
    public function length(string $place): ?Length
    {
        try {
            $text = $this->lengths()[$place] ?? null;

            return null === $text ? null : Length::parse($text, Unit::Millimetre);
        } catch (MeasureFailure) {
            return null;
        }
    }

    /**
     * Returns whether all of it can be read.
     */
    public function isSound(): bool
    {
        foreach (array_keys($this->lengths) as $place) {
            if (null === $this->length($place)) {
                return false;
            }
        }

        return true;
    }

    public function measured(): string
    {
        return $this->measured;
    }
}
