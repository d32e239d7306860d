<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Cutting\SupplyCuts;
use Rinkel\Core\Svg\Svg;

/**
 * Draws a spool or an offcut as a strip of tape with its cuts in order, and what is left of it.
 */
final class StockBar
{
    private const WIDTH = 1000.0;
    private const HEIGHT = 46.0;

    /** A spool is drawn so much longer than what is cut from it, at most. */
    private const ROLLED = 1.25;

    /** So many units wide is a figure that can be read. */
    private const FIGURE = 44.0;

    /**
     * @param float        $most  the longest strip of the sheet, in mm
     * @param list<string> $words the length of each cut
     */
    public static function paint(SupplyCuts $taken, float $most, array $words, string $label): string
    {
        $scale = self::WIDTH / max(1.0, $most);
        $at = 0.0;
        $parts = [];
        foreach ($taken->cuts as $i => [, $length]) {
            $wide = $length->millimetres * $scale;
            $parts[] = Svg::element('rect', [
                'x' => $at, 'y' => 4, 'width' => max(1.0, $wide), 'height' => self::HEIGHT - 8, 'class' => 'stock-cut',
            ]);
            if ($wide > self::FIGURE) {
                $parts[] = Svg::element(
                    'text',
                    [
                        'x' => $at + $wide / 2,
                        'y' => self::HEIGHT / 2 + 5,
                        'class' => 'stock-word',
                        'text-anchor' => 'middle',
                    ],
                    Svg::text($words[$i] ?? ''),
                );
            }
            $at += $wide;
        }
        $left = self::shown($taken) * $scale - $at;
        if ($left > 0.5) {
            $parts[] = Svg::element('rect', [
                'x' => $at, 'y' => 8, 'width' => $left, 'height' => self::HEIGHT - 16, 'class' => 'stock-left',
            ]);
        }

        return Svg::drawing([0, 0, self::WIDTH, self::HEIGHT], $label, 'stock-bar', [], ...$parts);
    }

    /**
     * Returns how long a piece of stock is drawn, in mm.
     */
    public static function shown(SupplyCuts $taken): float
    {
        $sum = $taken->sum()->millimetres;

        return $taken->supply->isSpool
            ? min($sum + ($taken->left->millimetres ?? \INF), self::ROLLED * $sum)
            : $sum + ($taken->left->millimetres ?? 0.0);
    }
}
