<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;

/**
 * What a piece is made of, each by what its maker calls it.
 */
final readonly class Materials
{
    /**
     * @param array<string, CordUse> $cords    by role
     * @param array<string, Bead>    $beads    by short name
     * @param array<string, Finding> $findings by short name
     */
    public function __construct(public array $cords = [], public array $beads = [], public array $findings = []) {}

    /**
     * @param array<string, CordUse> $cords
     */
    public function withCords(array $cords): self
    {
        return new self($cords, $this->beads, $this->findings);
    }

    /**
     * @param array<string, Bead> $beads
     */
    public function withBeads(array $beads): self
    {
        return new self($this->cords, $beads, $this->findings);
    }

    /**
     * @param array<string, Finding> $findings
     */
    public function withFindings(array $findings): self
    {
        return new self($this->cords, $this->beads, $findings);
    }

    /**
     * Returns the same with a bead or finding called otherwise, where it stands.
     */
    public function withBeadCalled(string $old, string $new): self
    {
        return new self($this->cords, self::called($this->beads, $old, $new), self::called($this->findings, $old, $new));
    }

    public function withCordCalled(string $old, string $new): self
    {
        return new self(self::called($this->cords, $old, $new), $this->beads, $this->findings);
    }

    /**
     * @template T
     *
     * @param array<string, T> $entries
     *
     * @return array<string, T> in the same order
     */
    private static function called(array $entries, string $old, string $new): array
    {
        $names = array_map(
            static fn (int|string $name): string => $old === (string) $name ? $new : (string) $name,
            array_keys($entries),
        );

        return array_combine($names, $entries);
    }
}
