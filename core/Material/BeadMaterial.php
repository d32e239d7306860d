<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * What a bead is made of, as far as its weight goes.
 *
 * @internal
 */
enum BeadMaterial: string
{
    case Glass = 'glass';
    case Stone = 'stone';
    case Wood = 'wood';
    case Metal = 'metal';
    case Ceramic = 'ceramic';
    case Shell = 'shell';
    case Resin = 'resin';

    /**
     * Returns its density in g/cm³ (from memory of material tables, ±10 %; metal is hollow as often as not).
     */
    public function density(): float
    {
        return match ($this) {
            self::Glass => 2.5,
            self::Stone, self::Shell => 2.7,
            self::Wood => 0.7,
            self::Metal => 8.0,
            self::Ceramic => 2.4,
            self::Resin => 1.2,
        };
    }
}
