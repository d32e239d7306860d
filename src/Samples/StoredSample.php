<?php

declare(strict_types=1);

namespace Rinkel\App\Samples;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * One sample of a maker's own knots, as they measured it.
 */
#[ORM\Entity]
#[ORM\Table('sample')]
#[ORM\UniqueConstraint('sample_uid', columns: ['uid'])]
class StoredSample
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    /** Whether it is kept, but not believed. */
    #[ORM\Column(options: ['default' => false])]
    private bool $aside = false;

    /**
     * @param array<mixed> $document
     * @param string       $uid      by which it is the same in every copy of a maker's data
     * @param string       $madeBy   uid of the member whose hand it shows; "" from before there were several
     */
    public function __construct(
        #[ORM\Column(type: Types::JSON)]
        private array $document,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $takenAt,
        #[ORM\Column(length: 32)]
        private string $uid,
        #[ORM\Column(length: 32, options: ['default' => ''])]
        private string $madeBy = '',
    ) {}

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('The sample is not stored yet.');
    }

    public function uid(): string
    {
        return $this->uid;
    }

    public function madeBy(): string
    {
        return $this->madeBy;
    }

    /**
     * @return array<mixed>
     */
    public function document(): array
    {
        return $this->document;
    }

    public function takenAt(): \DateTimeImmutable
    {
        return $this->takenAt;
    }

    public function isAside(): bool
    {
        return $this->aside;
    }

    public function put(bool $aside): void
    {
        $this->aside = $aside;
    }

    /**
     * @param array<mixed> $document
     */
    public function become(array $document, \DateTimeImmutable $taken, bool $aside, string $madeBy): void
    {
        [$this->document, $this->takenAt, $this->aside] = [$document, $taken, $aside];
        $this->madeBy = $madeBy;
    }
}
