<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * How different two colours look: CIEDE2000 (CIE 142-2001), as laid out by Sharma, Wu and Dalal 2005.
 *
 * @internal
 */
final class ColourDifference
{
    /**
     * @param array{float, float, float} $one   L*, a*, b*
     * @param array{float, float, float} $other likewise
     */
    public static function between(array $one, array $other): float
    {
        [$l1, $a1, $b1] = $one;
        [$l2, $a2, $b2] = $other;
        $mean = ((hypot($a1, $b1) + hypot($a2, $b2)) / 2) ** 7;
        $g = 0.5 * (1 - sqrt($mean / ($mean + 25 ** 7)));
        [$a1, $a2] = [(1 + $g) * $a1, (1 + $g) * $a2];
        [$c1, $c2] = [hypot($a1, $b1), hypot($a2, $b2)];
        [$h1, $h2] = [self::hue($a1, $b1), self::hue($a2, $b2)];
        $turn = $h2 - $h1;
        $grey = $c1 * $c2 < 1e-12;
        $turn = match (true) {
            $grey => 0.0,
            $turn > 180 => $turn - 360,
            $turn < -180 => $turn + 360,
            default => $turn,
        };
        $hue = match (true) {
            $grey => $h1 + $h2,
            abs($h1 - $h2) <= 180 => ($h1 + $h2) / 2,
            $h1 + $h2 < 360 => ($h1 + $h2 + 360) / 2,
            default => ($h1 + $h2 - 360) / 2,
        };
        $light = (($l1 + $l2) / 2 - 50) ** 2;
        $chroma = ($c1 + $c2) / 2;
        $t = 1 - 0.17 * self::cos($hue - 30) + 0.24 * self::cos(2 * $hue) + 0.32 * self::cos(3 * $hue + 6)
            - 0.2 * self::cos(4 * $hue - 63);
        $dl = ($l2 - $l1) / (1 + 0.015 * $light / sqrt(20 + $light));
        $dc = ($c2 - $c1) / (1 + 0.045 * $chroma);
        $dh = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2)) / (1 + 0.015 * $chroma * $t);
        $blue = 30 * exp(-(($hue - 275) / 25) ** 2);
        $rotation = -2 * sqrt($chroma ** 7 / ($chroma ** 7 + 25 ** 7)) * sin(deg2rad(2 * $blue));

        return sqrt(max(0.0, $dl ** 2 + $dc ** 2 + $dh ** 2 + $rotation * $dc * $dh));
    }

    private static function hue(float $a, float $b): float
    {
        $hue = rad2deg(atan2($b, $a));

        return $hue < 0 ? $hue + 360 : $hue;
    }

    private static function cos(float $degrees): float
    {
        return cos(deg2rad($degrees));
    }
}
