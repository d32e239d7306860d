<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * How far a cord gives way where it is pressed most, in a knot pulled by its own tension: not at all, by about a
 * fifteenth of its thickness, by about a tenth.
 *
 * @internal
 */
enum Hardness: string
{
    case Hard = 'hard';
    case Firm = 'firm';
    case Soft = 'soft';

    /**
     * @param self|null $core how hard what it is knotted over is, if other than the cord
     */
    public function tube(?self $core = null): Tube
    {
        return Tube::ideal()->asHardAs($this->force(), $core?->force());
    }

    private function force(): float
    {
        return match ($this) {
            self::Hard => \INF,
            self::Firm => 80.0,
            self::Soft => 50.0,
        };
    }
}
