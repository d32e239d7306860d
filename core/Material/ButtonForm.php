<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Measure\Length;

/**
 * The form of a button, as far as a loop goes around it on its edge.
 *
 * @internal
 */
enum ButtonForm: string
{
    /** Flat on both faces: its section is a rectangle. */
    case Coin = 'coin';

    /** Round to its edge: its section is an ellipse. */
    case Domed = 'domed';

    /** As thick as wide. */
    case Ball = 'ball';

    /**
     * Returns the way around its section, $across wide and $edge thick: 2 (D + e) of a coin, else that of an ellipse
     * (Ramanujan's first approximation, 1914).
     */
    public function around(Length $across, Length $edge): Length
    {
        if (self::Coin === $this) {
            return $across->plus($edge)->times(2);
        }
        $a = $across->millimetres / 2;
        $b = self::Ball === $this ? $a : $edge->millimetres / 2;

        return Length::ofMillimetres(\M_PI * (3 * ($a + $b) - sqrt((3 * $a + $b) * ($a + 3 * $b))));
    }
}
