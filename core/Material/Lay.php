<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * How several cords lie together in a core.
 *
 * @internal
 */
enum Lay: string
{
    /** Side by side, as a ribbon. */
    case Flat = 'flat';

    /** Packed into a round bundle. */
    case Packed = 'packed';

    /**
     * Returns how so many cords lie when nobody says: four to six flat, more packed; up to three cannot but lie as they
     * do (judgement).
     */
    public static function usual(int $count): self
    {
        return $count >= 4 && $count <= 6 ? self::Flat : self::Packed;
    }
}
