<?php

declare(strict_types=1);

namespace Rinkel\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * A piece as it is kept: what the maker decided, in the open format. The plan is always computed.
 *
 * What was typed but could not be read yet is kept beside it, so that a closed browser loses nothing.
 */
#[ORM\Entity]
#[ORM\Table('piece')]
#[ORM\Index(columns: ['archived_at', 'changed_at'])]
class StoredPiece
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    #[ORM\Version, ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    /** Number of the state that the piece is in. */
    #[ORM\Column]
    private int $state = 0;

    /** @var array<string, mixed> */
    #[ORM\Column(type: Types::JSON)]
    private array $document;

    /** @var array<string, string>|null fields as typed */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private ?array $draft = null;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $changedAt;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $archivedAt = null;

    /**
     * @param array<string, mixed> $document
     */
    public function __construct(array $document, \DateTimeImmutable $now)
    {
        $this->document = $document;
        $this->changedAt = $now;
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('The piece is not stored yet.');
    }

    public function version(): int
    {
        return $this->version;
    }

    public function state(): int
    {
        return $this->state;
    }

    /**
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return $this->document;
    }

    /**
     * @return array<string, string>|null
     */
    public function draft(): ?array
    {
        return $this->draft;
    }

    public function changedAt(): \DateTimeImmutable
    {
        return $this->changedAt;
    }

    public function isArchived(): bool
    {
        return null !== $this->archivedAt;
    }

    /**
     * @param array<string, mixed> $document
     */
    public function decide(array $document, \DateTimeImmutable $now, int $state): void
    {
        if ($document !== $this->document || null !== $this->draft || $state !== $this->state) {
            $this->state = $state;
            $this->document = $document;
            $this->draft = null;
            $this->changedAt = $now;
        }
    }

    /**
     * @param array<string, string> $typed
     */
    public function keepDraft(array $typed, \DateTimeImmutable $now): void
    {
        if ($typed !== $this->draft) {
            $this->draft = $typed;
            $this->changedAt = $now;
        }
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
