<?php

declare(strict_types=1);

namespace Rinkel\App\Pairing;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\App\Kept\Passing;

/**
 * A phone, tablet or other machine that may use this Rinkel. It is known by a token that only it has; what is kept here
 * is the token's hash.
 */
#[ORM\Entity]
#[Passing]
#[ORM\Table('paired_device')]
#[ORM\UniqueConstraint('paired_device_uid', columns: ['uid'])]
#[ORM\UniqueConstraint('paired_device_proof', columns: ['proof'])]
class PairedDevice
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.onlyWritten, property.unusedType (the database gives it)

    #[ORM\Column(type: Types::BIGINT)]
    private int $seen;

    /**
     * @param string $proof  SHA-256 of its token
     * @param int    $paired when, in seconds since 1970
     */
    public function __construct(
        #[ORM\Column(length: 32)]
        private string $uid,
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(length: 64)]
        private string $proof,
        #[ORM\Column(type: Types::BIGINT)]
        private int $paired,
    ) {
        $this->seen = $paired;
    }

    public function uid(): string
    {
        return $this->uid;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function proof(): string
    {
        return $this->proof;
    }

    public function paired(): int
    {
        return $this->paired;
    }

    /**
     * Returns when it asked for something last, to the minute.
     */
    public function seen(): int
    {
        return $this->seen;
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    public function see(int $at): void
    {
        $this->seen = $at;
    }
}
