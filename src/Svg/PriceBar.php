<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Svg\Svg;

/**
 * Draws a price as one bar: as long as the price, in the parts it is made of; each leads to what is said of it.
 */
final class PriceBar
{
    private const WIDTH = 1000.0;
    private const HEIGHT = 64.0;

    /** A part has its words in it from this width on; below, the list says them. */
    private const FIGURE = 92.0;

    /**
     * @param list<array{kind: string, name: string, money: string, share: float, href: string}> $parts shares of 1
     */
    public static function paint(array $parts, string $label): string
    {
        $x = 0.0;
        $drawn = [];
        foreach ($parts as $part) {
            $wide = self::WIDTH * max(0.0, $part['share']);
            if ($wide < 0.5) {
                continue;
            }
            $inside = [Svg::element('rect', [
                'x' => $x, 'y' => 0, 'width' => $wide, 'height' => self::HEIGHT,
                'class' => 'price-part price-'.$part['kind'],
            ])];
            if ($wide > self::FIGURE) {
                foreach ([[26, 'name', 'price-name'], [50, 'money', 'price-money']] as [$y, $what, $class]) {
                    $inside[] = Svg::element(
                        'text',
                        ['x' => $x + 10, 'y' => $y, 'class' => $class],
                        Svg::text($part[$what]),
                    );
                }
            }
            $drawn[] = Svg::element(
                'a',
                ['href' => $part['href'], 'aria-label' => $part['name'].' '.$part['money']],
                Svg::element('title', [], Svg::text($part['name'].' '.$part['money'])),
                ...$inside,
            );
            $x += $wide;
        }

        return Svg::drawing([0, 0, self::WIDTH, self::HEIGHT], $label, 'price-bar', ['role' => 'group'], ...$drawn);
    }
}
