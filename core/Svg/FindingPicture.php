<?php

declare(strict_types=1);

namespace Rinkel\Core\Svg;

use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;

/**
 * Draws a finding around its middle, in mm, the body of the piece to its left.
 *
 * @internal
 */
final class FindingPicture
{
    public static function of(Finding $finding): string
    {
        $length = $finding->length->millimetres;
        $width = max(0.5, $finding->width->millimetres);
        $inside = $finding->inside->millimetres;

        return match ($finding->kind) {
            FindingKind::Ring => self::hoop($length / 2, $width / 2, max(0.5, ($width - $inside) / 2)),
            FindingKind::Connector => self::hoop($length / 2, $width / 2, max(0.8, ($width - $inside) / 2)),
            FindingKind::Charm => self::hoop($length / 2, $width / 2, max(0.8, 0.12 * $width))
                .Svg::element('circle', ['r' => 0.22 * $width, 'class' => 'metal']),
            FindingKind::Clasp => self::hoop(0.36 * $length, $width / 2, 0.22 * $width, 0.1 * $length)
                .self::plate(-$length / 2, 0.24 * $length, 0.32 * $width, 0.1 * $width),
            FindingKind::Toggle => self::hoop($length * 0.3, $inside / 2 + 1, 1.2, -0.2 * $length)
                .self::plate(0.3 * $length, 1.6, $width, 0.8),
            FindingKind::Extender => implode('', array_map(
                static fn (int $i): string => self::hoop(1.7, 1.1, 0.5, -$length / 2 + 1.5 + 3 * $i),
                range(0, max(0, (int) floor($length / 3) - 1)),
            )),
            FindingKind::Button => self::button($length),
            FindingKind::SlideBead, FindingKind::CrimpCover => Svg::element(
                'ellipse',
                ['rx' => $length / 2, 'ry' => $width / 2, 'class' => 'metal'],
            ),
            FindingKind::FoldOverEnd, FindingKind::CordEnd => self::plate(-$length / 2, 0.7 * $length, $width, 0.12 * $width)
                .self::hoop(0.15 * $length, 0.22 * $width, 0.6, 0.35 * $length),
            FindingKind::Link => self::hoop($length / 2, $width / 2, $finding->wire()->millimetres),
            FindingKind::Stone => Svg::element('ellipse', ['rx' => $width / 2, 'ry' => $length / 2, 'class' => 'stone']),
            FindingKind::Hook => self::hook($length, $width),
            FindingKind::Magnet => self::plate(-$length / 2, $length, $width, 0.15 * $width).Svg::element(
                'path',
                ['d' => 'M0,'.Svg::number(-$width / 2).' V'.Svg::number($width / 2), 'class' => 'metal-line'],
            ),
        };
    }

    private static function button(float $length): string
    {
        $hole = static fn (int $side): string => Svg::element(
            'circle',
            ['cx' => 0, 'cy' => $side * 0.12 * $length, 'r' => 0.06 * $length, 'class' => 'bead-hole'],
        );

        return Svg::element('circle', ['r' => $length / 2, 'class' => 'horn'])
            .Svg::element('circle', ['r' => 0.36 * $length, 'class' => 'horn-line']).$hole(-1).$hole(1);
    }

    private static function hook(float $length, float $width): string
    {
        return Svg::element('path', [
            'd' => 'M'.Svg::number(-$length / 2).',0 H'.Svg::number(0.2 * $length)
                .' a'.Svg::number(0.28 * $length).','.Svg::number(0.4 * $width).' 0 0 1 0,'.Svg::number(0.8 * $width)
                .' h'.Svg::number(-0.3 * $length),
            'class' => 'wire-edge',
            'stroke-width' => 1.6,
            'stroke-linecap' => 'round',
        ]);
    }

    /**
     * Returns a piece of metal that lies across the middle, rounded at its corners.
     */
    private static function plate(float $left, float $long, float $high, float $round): string
    {
        return Svg::element(
            'rect',
            ['x' => $left, 'y' => -$high / 2, 'width' => $long, 'height' => $high, 'rx' => $round, 'class' => 'metal'],
        );
    }

    private static function hoop(float $rx, float $ry, float $wire, float $x = 0): string
    {
        $sizes = ['cx' => $x, 'rx' => max(0.2, $rx - $wire / 2), 'ry' => max(0.2, $ry - $wire / 2)];

        return Svg::element('ellipse', $sizes + ['class' => 'wire-edge', 'stroke-width' => $wire]).Svg::element(
            'ellipse',
            $sizes + ['class' => 'wire', 'stroke-width' => 0.72 * $wire],
        );
    }
}
