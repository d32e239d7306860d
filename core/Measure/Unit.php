<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure;

/**
 * A unit of length as makers write it.
 *
 * Source of the factors: 1 in = 25.4 mm and 1 yd = 914.4 mm exactly (International yard and pound agreement, 1959); 1 ft
 * = 12 in.
 */
enum Unit: string
{
    /** Beads and cord thickness: "1.5 mm". */
    case Millimetre = 'mm';

    /** Wrists and cut lengths: "16.5 cm". */
    case Centimetre = 'cm';

    /** Spools: "1.2 m". */
    case Metre = 'm';

    /** Wrists and cut lengths: "6 1/2 in". */
    case Inch = 'in';

    /** Long cords: "4 ft", "1' 4\"". */
    case Foot = 'ft';

    /** Spools: "25 yd". */
    case Yard = 'yd';

    private const SPELLINGS = [
        'mm' => self::Millimetre, 'millimetre' => self::Millimetre, 'millimetres' => self::Millimetre,
        'millimeter' => self::Millimetre, 'millimeters' => self::Millimetre,
        'cm' => self::Centimetre, 'centimetre' => self::Centimetre, 'centimetres' => self::Centimetre,
        'centimeter' => self::Centimetre, 'centimeters' => self::Centimetre,
        'm' => self::Metre, 'metre' => self::Metre, 'metres' => self::Metre, 'meter' => self::Metre, 'meters' => self::Metre,
        'in' => self::Inch, 'in.' => self::Inch, 'inch' => self::Inch, 'inches' => self::Inch,
        '"' => self::Inch, '″' => self::Inch, '”' => self::Inch, "''" => self::Inch,
        'yd' => self::Yard, 'yds' => self::Yard, 'yd.' => self::Yard, 'yard' => self::Yard, 'yards' => self::Yard,
        'ft' => self::Foot, 'ft.' => self::Foot, 'foot' => self::Foot, 'feet' => self::Foot,
        "'" => self::Foot, '′' => self::Foot, '’' => self::Foot,
    ];

    /**
     * Returns the unit that a maker means by $spelling, or null when it is none.
     */
    public static function spelled(string $spelling): ?self
    {
        return self::SPELLINGS[mb_strtolower($spelling)] ?? null;
    }

    /**
     * Returns how many millimetres one of this unit is.
     */
    public function inMillimetres(): float
    {
        return match ($this) {
            self::Millimetre => 1.0,
            self::Centimetre => 10.0,
            self::Metre => 1000.0,
            self::Inch => 25.4,
            self::Foot => 304.8,
            self::Yard => 914.4,
        };
    }

    public function isImperial(): bool
    {
        return self::Inch === $this || self::Foot === $this;
    }

    /**
     * Returns the finest step of a tape, in which lengths are written: 1/16 in or 1 mm.
     */
    public function tapeStep(): Length
    {
        return $this->isImperial() ? Length::ofInches(1 / 16) : Length::ofMillimetres(1);
    }

    /**
     * Returns the step to which cords are cut: 1/2 in or 1 cm (common practice).
     */
    public function cutStep(): Length
    {
        return $this->isImperial() ? Length::ofInches(0.5) : Length::ofCentimetres(1);
    }
}
