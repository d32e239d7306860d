<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\App\Kept\Passing;

/**
 * Somebody signed in at one browser. The browser has a token; what is kept here is its hash.
 */
#[ORM\Entity]
#[Passing]
#[ORM\Table('sign_in')]
#[ORM\UniqueConstraint('sign_in_proof', columns: ['proof'])]
#[ORM\Index('sign_in_member', columns: ['member_id'])]
class SignIn
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.onlyWritten, property.unusedType (the database gives it)

    /**
     * @param string $proof SHA-256 of the token
     * @param int    $seen  when something was asked for there last, in seconds since 1970, to some minutes
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Member $member,
        #[ORM\Column(length: 64)]
        private string $proof,
        #[ORM\Column(type: Types::BIGINT)]
        private int $seen,
    ) {}

    public function member(): Member
    {
        return $this->member;
    }

    public function proof(): string
    {
        return $this->proof;
    }

    public function seen(): int
    {
        return $this->seen;
    }
}
