<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * Something that was done, and by what it was answered; written and read by Alone.
 */
#[ORM\Entity]
#[ORM\Table('request_done')]
#[ORM\Index('request_done_at', columns: ['done_at'])]
class StoredRequest
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 32)]
        public readonly string $id,
        #[ORM\Column(length: 500)]
        public readonly string $answer,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $doneAt,
    ) {}
}
