<?php

declare(strict_types=1);

namespace Rinkel\Core\Stock;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;

/**
 * What a stock box holds.
 *
 * @internal
 */
enum Kind: string
{
    case Cord = 'cord';
    case Bead = 'bead';
    case Finding = 'finding';
    case Glue = 'glue';

    public static function of(Cord|Bead|Finding $what): self
    {
        return match ($what::class) {
            Cord::class => self::Cord,
            Bead::class => self::Bead,
            Finding::class => self::Finding,
        };
    }

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
