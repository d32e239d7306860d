<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * A cord in one role of a piece, how many of it lie side by side there, and how; 1 to 60.
 *
 * @internal
 */
final readonly class CordUse
{
    /**
     * @param Lay|null     $lay as usual when null
     * @param CordRun|null $run as usual in its role when null
     */
    public function __construct(
        public Cord $cord,
        public int $count = 1,
        public ?Lay $lay = null,
        public ?CordRun $run = null,
    ) {}

    /**
     * Returns the same of a cord some of which its maker pulled.
     */
    public function pulled(?Stretch $pulled): self
    {
        return null === $pulled ? $this : new self($this->cord->pulled($pulled), $this->count, $this->lay, $this->run);
    }

    /**
     * Returns how many of a role there are where nobody says it.
     */
    public static function usualCount(string $role): int
    {
        return 'core' === $role || 'strand' === $role ? 2 : 1;
    }

    /**
     * Returns the bundle that these make, as they lie.
     */
    public function bundle(): Bundle
    {
        return new Bundle($this->cord->round(), $this->count, $this->lay());
    }

    /**
     * Returns the bundle that both sides' cords make together, packed.
     */
    public function doubled(): Bundle
    {
        return new Bundle($this->cord->round(), 2 * $this->count);
    }

    public function lay(): Lay
    {
        return $this->lay ?? Lay::usual($this->count);
    }
}
