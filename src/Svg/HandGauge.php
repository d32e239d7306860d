<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Hand\Priors;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Svg\Svg;

/**
 * Draws where a maker's hand lies between a loose and a firm one: as it was thought before any sample, and as it is
 * known. Nineteen makers of twenty lie within the bars.
 */
final class HandGauge
{
    private const WIDTH = 640.0;
    private const HEIGHT = 92.0;

    /** How hard a hand pushes at the edges of the picture. */
    private const FAR = 0.42;

    /** Nineteen of twenty lie within so many standard deviations. */
    private const SURE = 1.96;

    /**
     * @param array{float, float, float, float} $push  mean and spread, and both before any sample
     * @param array<string, string>             $words loose, even and firm, and label
     */
    public static function paint(array $push, array $words): string
    {
        [$mean, $spread, $prior, $width] = $push;
        $ticks = '';
        foreach (Tension::cases() as $tension) {
            $x = self::at(Priors::push($tension)[0]);
            $ticks .= Svg::element('path', ['d' => \sprintf('M%s,24 V64', Svg::number($x)), 'class' => 'hand-place'])
                .Svg::element(
                    'text',
                    ['x' => $x, 'y' => 84, 'text-anchor' => 'middle', 'class' => 'gauge-word'],
                    Svg::text($words[$tension->value] ?? $tension->value),
                );
        }

        return Svg::drawing(
            [0, 0, self::WIDTH, self::HEIGHT],
            $words['label'] ?? '',
            'hand-gauge',
            [],
            Svg::element(
                'rect',
                ['x' => 0, 'y' => 24, 'width' => self::WIDTH, 'height' => 40, 'class' => 'hand-scale'],
            ),
            $ticks,
            self::bar($prior, $width, 34, 20, 'hand-before'),
            self::bar($mean, $spread, 38, 12, 'hand-known'),
            Svg::element(
                'path',
                [
                    'd' => \sprintf(
                        'M%1$s,8 L%2$s,22 L%3$s,8 Z',
                        Svg::number(self::at($mean) - 8),
                        Svg::number(self::at($mean)),
                        Svg::number(self::at($mean) + 8),
                    ),
                    'class' => 'gauge-wished',
                ],
            ),
        );
    }

    private static function bar(float $mean, float $spread, float $y, float $height, string $class): string
    {
        [$from, $to] = [self::at($mean - self::SURE * $spread), self::at($mean + self::SURE * $spread)];

        return Svg::element(
            'rect',
            ['x' => $from, 'y' => $y, 'width' => max(1.0, $to - $from), 'height' => $height, 'class' => $class],
        );
    }

    private static function at(float $push): float
    {
        return max(0.0, min(self::WIDTH, self::WIDTH * ($push + self::FAR) / 2 / self::FAR));
    }
}
