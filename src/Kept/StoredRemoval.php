<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * Something that was deleted, or written over, as it was.
 */
#[ORM\Entity]
#[ORM\Table('removed')]
#[ORM\UniqueConstraint('removed_uid', columns: ['uid'])]
class StoredRemoval
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType, property.onlyWritten (the database gives it)

    /**
     * @param string               $kind of thing, its word
     * @param string               $of   the uid that it had
     * @param array<string, mixed> $row  all of it
     */
    public function __construct(
        #[ORM\Column(length: 32)]
        public readonly string $uid,
        #[ORM\Column(length: 20)]
        public readonly string $kind,
        #[ORM\Column(length: 40)]
        public readonly string $of,
        #[ORM\Column(length: 200)]
        public readonly string $name,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $row,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $removedAt,
    ) {}
}
