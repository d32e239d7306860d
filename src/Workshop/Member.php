<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/**
 * Somebody who works here. They sign in by a password, which is kept as its hash; until they chose one, or when they
 * forgot it, by a word that an owner gives them.
 */
#[ORM\Entity]
#[ORM\Table('member')]
#[ORM\UniqueConstraint('member_uid', columns: ['uid'])]
#[ORM\UniqueConstraint('member_folded', columns: ['folded'])]
class Member implements UserInterface, PasswordAuthenticatedUserInterface
{
    public const LONGEST = 60;

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.onlyWritten, property.unusedType (the database gives it)

    /** The name as it is compared: two that differ by capitals only are one. */
    #[ORM\Column(length: 120)]
    private string $folded; // @phpstan-ignore property.onlyWritten (the database looks at it)

    /** The hash of their password; "" for none yet. */
    #[ORM\Column(length: 255)]
    private string $password = '';

    /** The SHA-256 of a word by which they may choose one; "" for none. */
    #[ORM\Column(length: 64)]
    private string $word = '';

    /** Until when, in seconds since 1970. */
    #[ORM\Column(type: Types::BIGINT)]
    private int $wordUntil = 0;

    #[ORM\Column(length: 10)]
    private string $role;

    /**
     * @param non-empty-string $uid
     */
    public function __construct(
        #[ORM\Column(length: 32)]
        private string $uid,
        #[ORM\Column(length: self::LONGEST)]
        private string $name,
        Role $role,
        #[ORM\Column(type: Types::BIGINT)]
        private int $since,
    ) {
        $this->role = $role->value;
        $this->folded = self::fold($name);
    }

    /**
     * Returns a name as it is compared.
     */
    public static function fold(string $name): string
    {
        return mb_strtolower(trim(preg_replace('/\s+/u', ' ', $name) ?? ''));
    }

    public function uid(): string
    {
        return $this->uid;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function role(): Role
    {
        return Role::from($this->role);
    }

    /**
     * Returns since when they work here, in seconds since 1970.
     */
    public function since(): int
    {
        return $this->since;
    }

    public function become(string $name, Role $role): void
    {
        [$this->name, $this->folded, $this->role] = [$name, self::fold($name), $role->value];
    }

    /**
     * From now on they sign in by this password, and by no word.
     *
     * @param string $hash of it
     */
    public function choose(string $hash): void
    {
        [$this->password, $this->word, $this->wordUntil] = [$hash, '', 0];
    }

    /**
     * Lets them choose a new password by a word; the one before opens nothing any more.
     */
    public function give(string $proof, int $until): void
    {
        [$this->password, $this->word, $this->wordUntil] = ['', $proof, $until];
    }

    public function hasPassword(): bool
    {
        return '' !== $this->password;
    }

    /**
     * Returns whether this is the hash of a word that opens now.
     */
    public function opens(string $proof, int $now): bool
    {
        return '' !== $this->word && $now < $this->wordUntil && hash_equals($this->word, $proof);
    }

    public function getPassword(): ?string
    {
        return '' === $this->password ? null : $this->password;
    }

    public function getRoles(): array
    {
        return ['ROLE_'.strtoupper($this->role)];
    }

    public function eraseCredentials(): void {}

    public function getUserIdentifier(): string
    {
        return '' === $this->uid ? throw new \LogicException('Everybody has a uid.') : $this->uid;
    }
}
