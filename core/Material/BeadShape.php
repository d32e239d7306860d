<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * The form of a bead, with its hole along the cord.
 *
 * @internal
 */
enum BeadShape: string
{
    case Round = 'round';
    case Cube = 'cube';
    case Letter = 'letter';
    case Tube = 'tube';
    case Rondelle = 'rondelle';
    case Disc = 'disc';
    case Chip = 'chip';
    case Drop = 'drop';
    case Seed = 'seed';

    /**
     * Returns which share of the box around it a bead of this shape fills (solids of the shape's name; a chip about half).
     */
    public function fullness(): float
    {
        return match ($this) {
            self::Round, self::Rondelle, self::Drop => \M_PI / 6,
            self::Cube, self::Letter => 1.0,
            self::Tube, self::Disc, self::Seed => \M_PI / 4,
            self::Chip => 0.5,
        };
    }

    /**
     * Returns the radius of the corners of a shape with flat ends, in diameters, null of a shape that rolls on its
     * neighbour (from memory; measure your own).
     */
    public function corner(): ?float
    {
        return match ($this) {
            self::Cube, self::Letter => 0.14,
            self::Tube => 0.1,
            self::Disc => 0.05,
            self::Round, self::Rondelle, self::Chip, self::Drop, self::Seed => null,
        };
    }

    /**
     * Returns the usual length along the hole in diameters, for a bead with only a known diameter (from
     * memory).
     */
    public function usualLength(): float
    {
        return match ($this) {
            self::Round, self::Cube, self::Letter => 1.0,
            self::Tube => 2.5,
            self::Rondelle => 0.65,
            self::Disc => 0.3,
            self::Chip => 0.5,
            self::Drop => 1.4,
            self::Seed => 0.7,
        };
    }
}
