<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

/**
 * What one kind of cord does in a piece, as far as cutting goes.
 */
final readonly class Role
{
    /**
     * @param string       $name    of the role, as in the piece's cords
     * @param int          $count   how many are cut
     * @param list<string> $lanes   what one of them runs along: its role once, twice when folded, or its two unlike ends
     * @param bool         $carries whether its ends make the closure
     */
    private function __construct(
        public string $name,
        public int $count,
        public array $lanes,
        public bool $carries,
    ) {}

    public static function single(string $name, int $count, bool $carries): self
    {
        return new self($name, $count, [$name], $carries);
    }

    /**
     * Returns a cord folded at its middle that works with both halves.
     */
    public static function folded(string $name, int $count = 1): self
    {
        return new self($name, $count, [$name, $name], false);
    }

    /**
     * Returns a folded cord whose two ends take unlike lengths.
     */
    public static function unevenly(string $name, string $long, string $short): self
    {
        return new self($name, 1, [$long, $short], true);
    }

    public function isFolded(): bool
    {
        return 2 === \count($this->lanes);
    }
}
