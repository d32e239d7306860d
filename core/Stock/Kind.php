<?php

declare(strict_types=1);

namespace Rinkel\Core\Stock;

/**
 * What a stock box holds.
 */
enum Kind: string
{
    case Cord = 'cord';
    case Bead = 'bead';
    case Finding = 'finding';
    case Glue = 'glue';

    /**
     * Returns the kind all of which stand under that name; cords for any other.
     */
    public static function ofAll(string $name): self
    {
        return self::tryFrom(substr($name, 0, -1)) ?? self::Cord;
    }

    /**
     * Returns under which name all of a kind stand in the open format.
     */
    public function all(): string
    {
        return $this->value.'s';
    }
}
