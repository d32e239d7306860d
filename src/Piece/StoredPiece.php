<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * A piece as it is kept: what the maker decided, in the open format. The plan is always computed.
 *
 * What was typed but could not be read yet is kept beside it, so that a closed browser loses nothing.
 */
#[ORM\Entity]
#[ORM\Table('piece')]
#[ORM\UniqueConstraint('piece_uid', columns: ['uid'])]
#[ORM\Index(columns: ['archived_at', 'changed_at'])]
class StoredPiece
{
    /** So many acts are known again when they are sent again. */
    private const REMEMBERED = 300;

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    #[ORM\Version, ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    /** Whether it is other than what is kept; null while all is kept at once. */
    private ?bool $isOther = null;

    /** Number of the state that the piece is in. */
    #[ORM\Column(options: ['default' => 0])]
    private int $state = 0;

    /** @var array<string, mixed> */
    #[ORM\Column(type: Types::JSON)]
    private array $document = [];

    /** @var array<string, string>|null what was typed and cannot be read yet, by field */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private ?array $draft = null;

    /** @var array<string, int> the version that each of the last acts made, by its id */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $acts = [];

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $changedAt;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $archivedAt = null;

    /** When its maker let go of it: some time later it is deleted for good. */
    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $discardedAt = null;

    /** Whom it is for, as its document says. */
    #[ORM\Column(length: 80, options: ['default' => ''])]
    private string $whom = '';

    /** @var array<string, mixed>|null what its plan was when its maker looked last; null while nobody has */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private ?array $seen = null;

    /** How it stands, as the Table says it; null while nobody has looked since it changed. */
    #[ORM\Column(length: 10, nullable: true)]
    private ?string $stands = null; // @phpstan-ignore property.unusedType, property.onlyWritten (the Table knows it)

    /**
     * @param array<string, mixed> $document
     * @param string               $uid      by which it is the same piece in every copy of a maker's data
     */
    public function __construct(
        array $document,
        \DateTimeImmutable $now,
        #[ORM\Column(length: 32, options: ['default' => ''])]
        private string $uid,
    ) {
        $this->changedAt = $now;
        $this->write($document);
    }

    /**
     * Returns a piece as it was kept elsewhere.
     *
     * @param array<string, mixed>      $document
     * @param array<string, string>     $draft
     * @param array<string, mixed>|null $seen
     */
    public static function as(
        string $uid,
        array $document,
        array $draft,
        ?array $seen,
        int $state,
        \DateTimeImmutable $changed,
        ?\DateTimeImmutable $archived,
        ?\DateTimeImmutable $discarded,
    ): self {
        $piece = new self($document, $changed, $uid);
        $piece->draft = [] === $draft ? null : $draft;
        [$piece->seen, $piece->state] = [$seen, $state];
        [$piece->archivedAt, $piece->discardedAt] = [$archived, $discarded];

        return $piece;
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('The piece is not stored yet.');
    }

    public function uid(): string
    {
        return $this->uid;
    }

    /**
     * Returns the version that it is; of one that is worked out and not kept yet, the one that it will be.
     */
    public function version(): int
    {
        return $this->version + (true === $this->isOther ? 1 : 0);
    }

    /**
     * Returns the version that is kept.
     */
    public function keptVersion(): int
    {
        return $this->version;
    }

    /**
     * From now on what is done to it is not kept yet.
     */
    public function isWorkedOut(): void
    {
        $this->isOther = false;
    }

    public function isKept(): void
    {
        $this->isOther = null;
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
     * @return array<string, string> what cannot be read yet, by field
     */
    public function draft(): array
    {
        return $this->draft ?? [];
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
        if ($document !== $this->document || $state !== $this->state) {
            $this->state = $state;
            $this->write($document);
            $this->changedAt = $now;
            $this->becomesOther();
        }
    }

    /**
     * @param array<string, string> $texts by field; [] when all could be read
     */
    public function keepDraft(array $texts, \DateTimeImmutable $now): void
    {
        if ($texts !== $this->draft()) {
            $this->draft = [] === $texts ? null : $texts;
            $this->stands = null;
            $this->changedAt = $now;
            $this->becomesOther();
        }
    }

    /**
     * Notes that an act was taken.
     */
    public function took(string $act): void
    {
        if ('' !== $act) {
            $this->becomesOther();
            $this->acts = \array_slice($this->acts + [$act => $this->version + 1], -self::REMEMBERED, null, true);
        }
    }

    /**
     * Returns the version that an act made, or null when it was never taken, or too long ago.
     */
    public function madeBy(string $act): ?int
    {
        return $this->acts[$act] ?? null;
    }

    /**
     * @return array<string, mixed>|null what its plan was when its maker looked last
     */
    public function seen(): ?array
    {
        return $this->seen;
    }

    public function archivedAt(): ?\DateTimeImmutable
    {
        return $this->archivedAt;
    }

    public function archive(\DateTimeImmutable $now): void
    {
        $this->archivedAt ??= $now;
    }

    /**
     * Puts the piece away, to be deleted for good.
     */
    public function discard(\DateTimeImmutable $now): void
    {
        $this->archivedAt ??= $now;
        $this->discardedAt ??= $now;
    }

    public function discardedAt(): ?\DateTimeImmutable
    {
        return $this->discardedAt;
    }

    public function restore(): void
    {
        $this->archivedAt = null;
        $this->discardedAt = null;
    }

    public function whom(): string
    {
        return $this->whom;
    }

    private function becomesOther(): void
    {
        $this->isOther = null === $this->isOther ? null : true;
    }

    /**
     * @param array<string, mixed> $document
     */
    private function write(array $document): void
    {
        $whom = $document['for'] ?? null;
        $this->document = $document;
        $this->whom = \is_string($whom) ? mb_substr($whom, 0, 80) : '';
        $this->stands = null;
    }
}
