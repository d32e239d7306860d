<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * What people call a colour, by its lightness, its strength and its angle around the axes of CIELAB (judgement: people
 * differ at the borders).
 *
 * @internal
 */
enum Hue: string
{
    case Red = 'red';
    case Pink = 'pink';
    case Orange = 'orange';
    case Brown = 'brown';
    case Yellow = 'yellow';
    case Green = 'green';
    case Blue = 'blue';
    case Purple = 'purple';
    case Black = 'black';
    case Grey = 'grey';
    case White = 'white';

    /** Weaker than this a colour is grey, darker than this it is black, lighter it is white. */
    private const WEAK = 9.0;
    private const DARK = 20.0;
    private const LIGHT = 88.0;

    /** Reds and oranges darker than this, and weaker, are browns. */
    private const BROWN = [58.0, 52.0];

    /** Reds lighter than this are pinks. */
    private const PINK = 60.0;

    public static function of(Colour $colour): self
    {
        [$light, $a, $b] = $colour->lab();
        $strength = hypot($a, $b);
        $angle = fmod(rad2deg(atan2($b, $a)) + 360.0, 360.0);
        [$dark, $dull] = self::BROWN;

        return match (true) {
            $strength < self::WEAK => match (true) {
                $light < self::DARK + 5 => self::Black,
                $light > self::LIGHT => self::White,
                default => self::Grey,
            },
            $light < self::DARK / 2 => self::Black,
            $angle < 20.0 || $angle >= 340.0 => $light > self::PINK ? self::Pink : self::Red,
            $angle < 45.0 => match (true) {
                $light > self::PINK + 8 => self::Pink,
                $strength < $dull - 12 && $light < $dark => self::Brown,
                default => self::Red,
            },
            $angle < 80.0 => $light < $dark && $strength < $dull || $strength < 30.0 && $light < 75.0
                ? self::Brown : self::Orange,
            $angle < 105.0 => $strength < 25.0 && $light < 70.0 ? self::Brown : self::Yellow,
            $angle < 195.0 => self::Green,
            $angle < 309.0 => self::Blue, // in CIELAB blues lie far towards purple
            default => $light > self::PINK + 8 ? self::Pink : self::Purple,
        };
    }
}
