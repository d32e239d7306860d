<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Svg\Svg;

/**
 * Draws one cord as a bar, split by where its length goes; the parts differ by pattern, not by colour alone.
 */
final readonly class CutBar
{
    private const WIDTH = 600.0;

    public function __construct(private Cut $cut) {}

    public function paint(string $label): string
    {
        $x = 0.0;
        $drawn = '';
        foreach ($this->cut->parts as $part => $length) {
            $width = self::WIDTH * $length->ratioTo($this->cut->length);
            $drawn .= Svg::element(
                'rect',
                [
                    'x' => $x,
                    'y' => 0,
                    'width' => $width,
                    'height' => 14,
                    'class' => 'bar-part bar-'.$part,
                    'data-part' => $part,
                ],
            );
            $x += $width;
        }

        return Svg::element('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg',
            'viewBox' => '0 0 '.Svg::number(self::WIDTH).' 14',
            'preserveAspectRatio' => 'none',
            'role' => 'img',
            'aria-label' => $label,
            'class' => 'cut-bar',
        ], $drawn);
    }
}
