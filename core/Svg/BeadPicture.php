<?php

declare(strict_types=1);

namespace Rinkel\Core\Svg;

use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;

/**
 * Draws a bead around its middle, in mm: its outline by its shape, its hole along the cord, a soft light from the far
 * side.
 *
 * @internal
 */
final class BeadPicture
{
    /**
     * Returns the definition of one bead, by which it is copied.
     *
     * @param string $light id of the gradient that lights it
     */
    public static function definition(string $id, string $light, Bead $bead): string
    {
        $length = $bead->length->millimetres;
        $width = $bead->diameter->millimetres;
        $hole = min($bead->hole->millimetres, 0.8 * $width);
        $outline = self::outline($bead->shape, $length, $width);
        $mark = static fn (float $side): string => Svg::element(
            'ellipse',
            [
                'cx' => $side * ($length / 2 - 0.04 * $length),
                'rx' => min(0.25, 0.06 * $length),
                'ry' => $hole / 2,
                'class' => 'bead-hole',
            ],
        );

        return Svg::element(
            'g',
            ['id' => $id],
            \sprintf($outline, 'fill="'.$bead->colour->hex.'" color="'.$bead->colour->hex.'" class="bead-body"'),
            \sprintf($outline, 'class="bead-shade" fill="url(#'.$light.')"'),
            $mark(-1),
            $mark(1),
        );
    }

    /**
     * Returns many beads of a kind, each a few pixels wide: what is seen of them from afar, as one outline.
     *
     * @param non-empty-list<DrawnBead> $beads with their holes along a straight piece
     */
    public static function afar(array $beads): string
    {
        $bead = $beads[0]->bead;
        [$length, $width] = [$bead->length->millimetres, $bead->diameter->millimetres];
        $outlines = '';
        $lights = '';
        foreach ($beads as $drawn) {
            $outlines .= self::oval($drawn->x + $length / 2, $drawn->y, $length / 2, $width / 2);
            $lights .= self::oval($drawn->x + 0.42 * $length, $drawn->y - 0.2 * $width, 0.18 * $length, 0.13 * $width);
        }
        $hex = $bead->colour->hex;

        return Svg::element(
            'g',
            ['data-bead' => $beads[0]->name, 'data-beads' => \count($beads)],
            Svg::element('path', ['d' => $outlines, 'fill' => $hex, 'color' => $hex, 'class' => 'bead-body']),
            Svg::element('path', ['d' => $lights, 'class' => 'bead-glint']),
        );
    }

    private static function oval(float $x, float $y, float $halfLength, float $halfWidth): string
    {
        [$a, $b, $l] = [Svg::number($halfLength), Svg::number($halfWidth), Svg::number(2 * $halfLength)];

        return 'M'.Svg::number($x - $halfLength).','.Svg::number($y)."a{$a},{$b} 0 1 1 {$l},0a{$a},{$b} 0 1 1 -{$l},0z";
    }

    /**
     * Returns the gradient that lights every bead of a drawing.
     */
    public static function light(string $id): string
    {
        return '<radialGradient id="'.$id.'" cx="0.38" cy="0.28" r="0.8"><stop offset="0" stop-color="#fff" stop-opacity="0.75"/>'
            .'<stop offset="0.3" stop-color="#fff" stop-opacity="0.12"/><stop offset="0.6" stop-color="#000" stop-opacity="0.02"/>'
            .'<stop offset="1" stop-color="#000" stop-opacity="0.4"/></radialGradient>';
    }

    private static function outline(BeadShape $shape, float $length, float $width): string
    {
        $box = static fn (float $corner): string => \sprintf(
            '<rect x="%s" y="%s" width="%s" height="%s" rx="%s" %%s/>',
            Svg::number(-$length / 2),
            Svg::number(-$width / 2),
            Svg::number($length),
            Svg::number($width),
            Svg::number(min($corner, $length / 2, $width / 2)),
        );

        return match ($shape) {
            BeadShape::Round => \sprintf(
                '<ellipse rx="%s" ry="%s" %%s/>',
                Svg::number($length / 2),
                Svg::number($width / 2),
            ),
            BeadShape::Cube, BeadShape::Letter => $box(0.14 * $width),
            BeadShape::Tube => $box(0.12 * $width),
            BeadShape::Seed => $box(0.38 * $length),
            BeadShape::Rondelle => $box(0.5 * $length),
            BeadShape::Disc => $box(0.3 * $length),
            BeadShape::Chip => self::polygon(
                [[-1, -0.4], [-0.45, -1], [0.5, -0.8], [1, -0.15], [0.7, 0.75], [-0.1, 1], [-0.85, 0.6]],
                $length / 2,
                $width / 2,
            ),
            BeadShape::Drop => \sprintf(
                '<path d="M%1$s,0 C%2$s,%3$s %4$s,%3$s %4$s,0 C%4$s,%5$s %2$s,%5$s %1$s,0Z" %%s/>',
                Svg::number(-$length / 2),
                Svg::number(-$length * 0.1),
                Svg::number(-$width * 0.66),
                Svg::number($length / 2),
                Svg::number($width * 0.66),
            ),
        };
    }

    /**
     * @param list<array{float, float}> $points in halves of the size
     */
    private static function polygon(array $points, float $halfLength, float $halfWidth): string
    {
        return '<path d="M'.implode(' ', array_map(
            static fn (array $point): string => Svg::number($point[0] * $halfLength).','.Svg::number($point[1] * $halfWidth),
            $points,
        )).'Z" %s/>';
    }
}
