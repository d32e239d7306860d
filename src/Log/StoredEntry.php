<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * One finished piece: what was planned, frozen, and what came of it.
 */
#[ORM\Entity]
#[ORM\Table('log_entry')]
#[ORM\UniqueConstraint('log_entry_uid', columns: ['uid'])]
#[ORM\Index('log_entry_finished', columns: ['finished_at'])]
class StoredEntry
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    /**
     * @param array<string, mixed> $document by docs/log.schema.json
     * @param string               $uid      by which it is the same in every copy of a maker's data
     * @param string               $madeBy   uid of the member who made it; "" where one maker works
     */
    public function __construct(
        #[ORM\Column(type: Types::JSON)]
        private array $document,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $finishedAt,
        #[ORM\Column(length: 32)]
        private string $uid,
        #[ORM\Column(length: 32, options: ['default' => ''])]
        private string $madeBy = '',
    ) {}

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('The entry is not stored yet.');
    }

    public function uid(): string
    {
        return $this->uid;
    }

    /**
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return $this->document;
    }

    public function madeBy(): string
    {
        return $this->madeBy;
    }

    public function finishedAt(): \DateTimeImmutable
    {
        return $this->finishedAt;
    }
}
