<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * What a finding does.
 */
enum FindingKind: string
{
    case Clasp = 'clasp';
    case Ring = 'ring';
    case FoldOverEnd = 'fold-over-end';
    case CordEnd = 'cord-end';
    case CrimpCover = 'crimp-cover';
    case Toggle = 'toggle';
    case Extender = 'extender';
    case Button = 'button';
    case Connector = 'connector';
    case Charm = 'charm';
    case SlideBead = 'slide-bead';
    case Magnet = 'magnet';
    case Link = 'link';
    case Stone = 'stone';

    /**
     * Returns usual sizes in mm, as [length, width, inside] (from memory; measure your own).
     *
     * @return array{float, float, float}
     */
    public function usual(): array
    {
        return match ($this) {
            self::Clasp => [12, 6, 0],
            self::Ring => [5, 5, 4],
            self::FoldOverEnd => [8, 4, 3],
            self::CordEnd => [9, 4, 3],
            self::CrimpCover => [4, 4, 2],
            self::Toggle => [20, 18, 10],
            self::Extender => [50, 3, 2],
            self::Button => [12, 3, 2],
            self::Connector => [16, 16, 12],
            self::Charm => [12, 12, 2],
            self::SlideBead => [8, 8, 2],
            self::Magnet => [20, 10, 8],
            self::Link => [9, 7, 4.5],
            self::Stone => [28, 18, 0],
        };
    }
}
