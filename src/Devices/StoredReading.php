<?php

declare(strict_types=1);

namespace Rinkel\App\Devices;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\App\Kept\Passing;

/**
 * One line that an instrument sent, until the pages that listen have it.
 */
#[ORM\Entity]
#[Passing]
#[ORM\Table('device_reading')]
class StoredReading
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    public function __construct(
        #[ORM\Column(length: 40)]
        public readonly string $line,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $at,
    ) {}

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('The reading is not stored yet.');
    }
}
