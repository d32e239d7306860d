<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

use Rinkel\Core\Svg\PlainSvg;
use Rinkel\Core\Svg\Svg;

/**
 * A drawing as strips of true size below each other, for a printed page: it is written once, each strip shows its part.
 */
final class PageStrips
{
    /** Fits between the margins of A4 and of Letter, in mm. */
    private const WIDTH = 180.0;

    private const DRAWING = 'paper-drawing';

    /**
     * @param string $svg in mm, as PieceDrawing writes it
     */
    public static function of(string $svg): string
    {
        $document = new \DOMDocument();
        $document->loadXML($svg, \LIBXML_NONET);
        $root = $document->documentElement ?? throw new \LogicException('A drawing is an element.');
        [$left, $top, $width, $height] = PlainSvg::box($root);
        $inside = substr($svg, (int) strpos($svg, '>') + 1, -\strlen('</svg>'));
        $strips = Svg::element('svg', [
            'class' => 'paper-source', 'width' => 0, 'height' => 0, 'aria-hidden' => 'true',
        ], Svg::element('defs', [], Svg::element('g', ['id' => self::DRAWING], $inside)));
        for ($at = 0.0; $at < $width - 1e-6; $at += self::WIDTH) {
            $part = min(self::WIDTH, $width - $at);
            $strips .= Svg::element('svg', [
                'class' => 'paper-strip',
                'viewBox' => implode(' ', array_map(Svg::number(...), [$left + $at, $top, $part, $height])),
                'width' => Svg::number($part).'mm',
                'height' => Svg::number($height).'mm',
            ], Svg::element('use', ['href' => '#'.self::DRAWING]));
        }

        return $strips;
    }
}
