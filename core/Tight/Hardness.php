<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * How far a cord gives way where it is pressed most, in a knot pulled by its own tension: not at all, by about a tenth
 * of its thickness, by about a sixth.
 *
 * @internal
 */
enum Hardness: string
{
    case Hard = 'hard';
    case Firm = 'firm';
    case Soft = 'soft';

    public function tube(): Tube
    {
        return Tube::ideal()->asHardAs(match ($this) {
            self::Hard => \INF,
            self::Firm => 80.0,
            self::Soft => 50.0,
        });
    }
}
