<?php

declare(strict_types=1);

namespace Rinkel\App\People;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\Core\Measure\Length;

/**
 * Somebody a maker makes for, with every measure that was taken.
 */
#[ORM\Entity]
#[ORM\Table('person')]
#[ORM\UniqueConstraint('person_uid', columns: ['uid'])]
class Person
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $archivedAt = null;

    /** @var array<string, string> what is known of them besides: contact, allergies, notes, and when they were born */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $about = [];

    /** @var Collection<int, Measure> last taken first */
    #[ORM\OneToMany(targetEntity: Measure::class, mappedBy: 'person', cascade: ['persist', 'remove'])]
    #[ORM\OrderBy(['takenAt' => 'DESC', 'id' => 'DESC'])]
    private Collection $measures;

    /**
     * @param string $uid by which they are the same in every copy of a maker's data
     */
    public function __construct(
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(length: 32, options: ['default' => ''])]
        private string $uid,
    ) {
        $this->measures = new ArrayCollection();
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('The person is not stored yet.');
    }

    public function uid(): string
    {
        return $this->uid;
    }

    public function name(): string
    {
        return $this->name;
    }

    /**
     * @return array<string, string> by field: contact, allergies, notes, born; what is empty is left out
     */
    public function about(): array
    {
        return $this->about;
    }

    /**
     * @param array<string, string> $about
     */
    public function tell(array $about): void
    {
        $this->about = $about;
    }

    /**
     * Returns how many years old they are; null where nobody said when they were born.
     */
    public function age(\DateTimeImmutable $now): ?int
    {
        $born = \DateTimeImmutable::createFromFormat('!Y-m-d', ($this->about['born'] ?? '').'-01');

        return false === $born ? null : (int) $born->diff($now)->format('%r%y');
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    /**
     * @return list<Measure> last taken first
     */
    public function measures(): array
    {
        return array_values($this->measures->toArray());
    }

    /**
     * Returns when a place was measured and how much it was.
     *
     * @return list<array{\DateTimeImmutable, Length}> last taken first
     */
    public function over(string $place): array
    {
        $taken = [];
        foreach ($this->measures() as $measure) {
            $length = $measure->length($place);
            if (null !== $length) {
                $taken[] = [$measure->takenAt(), $length];
            }
        }

        return $taken;
    }

    public function latest(): ?Measure
    {
        return $this->measures()[0] ?? null;
    }

    /**
     * Adds what was measured now; what was not measured again stays as it was last.
     *
     * @param array<string, string> $lengths exact, by place
     */
    public function measure(array $lengths, string $measured, \DateTimeImmutable $now): void
    {
        $before = $this->latest();
        if (null !== $before && $lengths + $before->lengths() === $before->lengths() && array_intersect_key($before->lengths(), $lengths) === $lengths && $measured === $before->measured()) {
            return;
        }
        $taken = new Measure($this, $now, $lengths + ($before?->lengths() ?? []), $measured);
        $this->measures = new ArrayCollection([$taken, ...$this->measures()]);
    }

    /**
     * Adds what was measured at another time, unless it is there.
     *
     * @param array<string, string> $lengths exact, by place
     */
    public function measuredThen(array $lengths, string $measured, \DateTimeImmutable $taken): void
    {
        foreach ($this->measures() as $measure) {
            if ($measure->takenAt()->getTimestamp() === $taken->getTimestamp() && $measure->lengths() === $lengths) {
                return;
            }
        }
        $all = [new Measure($this, $taken, $lengths, $measured), ...$this->measures()];
        usort($all, static fn (Measure $measure, Measure $other): int => $other->takenAt() <=> $measure->takenAt());
        $this->measures = new ArrayCollection($all);
    }

    public function isArchived(): bool
    {
        return null !== $this->archivedAt;
    }

    /**
     * Returns whether all that was measured of them can be read.
     */
    public function isSound(): bool
    {
        foreach ($this->measures() as $measure) {
            if (!$measure->isSound()) {
                return false;
            }
        }

        return true;
    }

    public function archivedAt(): ?\DateTimeImmutable
    {
        return $this->archivedAt;
    }

    public function archive(\DateTimeImmutable $now): void
    {
        $this->archivedAt ??= $now;
    }

    public function restore(): void
    {
        $this->archivedAt = null;
    }
}
