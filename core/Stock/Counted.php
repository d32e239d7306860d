<?php

declare(strict_types=1);

namespace Rinkel\Core\Stock;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\Letters;

/**
 * Beads or findings of one kind in stock: how many there are.
 *
 * @internal
 */
final readonly class Counted implements Item
{
    /**
     * @param int|null $count null where nobody counted: then there are enough
     * @param int|null $low   with fewer there are few, null where nobody said
     */
    private function __construct(
        public string $id,
        public Bead|Finding $what,
        public ?int $count,
        public ?int $low,
    ) {}

    /**
     * @param int|null $low with fewer there are few
     */
    public static function beads(string $id, Bead $bead, ?int $low = null): self
    {
        return new self(
            $id,
            $bead,
            null === $bead->letters ? $bead->stock : array_sum($bead->letters->counts),
            $low,
        );
    }

    /**
     * @param int|null $low with fewer there are few
     */
    public static function findings(string $id, Finding $finding, ?int $low = null): self
    {
        return new self($id, $finding, $finding->stock, $low);
    }

    public function materialKey(): string
    {
        return $this->what->materialKey();
    }

    public function isLow(): bool
    {
        return null !== $this->low && null !== $this->count && $this->count < $this->low;
    }

    /**
     * Returns the letters of letter beads, null where they are none, or nobody counted them one by one.
     */
    public function letters(): ?Letters
    {
        return $this->what instanceof Bead ? $this->what->letters : null;
    }
}
