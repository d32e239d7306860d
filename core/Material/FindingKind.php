<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Measure\Length;

/**
 * What a finding does.
 *
 * @internal
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
    case Hook = 'hook';

    /**
     * Returns whether it usually is of metal that lies on the skin.
     */
    public function isMetal(): bool
    {
        return !\in_array($this, [self::Button, self::Stone, self::SlideBead], true);
    }

    /**
     * Returns the usual length, width and opening of one (from memory; measure your own).
     *
     * @return array{Length, Length, Length}
     */
    public function usualSizes(): array
    {
        return array_map(Length::ofMillimetres(...), match ($this) {
            self::Clasp => [12.0, 6.0, 0.0],
            self::Ring => [5.0, 5.0, 4.0],
            self::FoldOverEnd => [8.0, 4.0, 3.0],
            self::CordEnd => [9.0, 4.0, 3.0],
            self::CrimpCover => [4.0, 4.0, 2.0],
            self::Toggle => [20.0, 18.0, 10.0],
            self::Extender => [50.0, 3.0, 2.0],
            self::Button => [12.0, 3.0, 2.0],
            self::Connector => [16.0, 16.0, 12.0],
            self::Charm => [12.0, 12.0, 2.0],
            self::SlideBead => [8.0, 8.0, 2.0],
            self::Magnet => [20.0, 10.0, 8.0],
            self::Link => [9.0, 7.0, 4.5],
            self::Stone => [28.0, 18.0, 0.0],
            self::Hook => [16.0, 7.0, 0.0],
        });
    }
}
