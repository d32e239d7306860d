<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Svg\Svg;

/**
 * Draws a figure of finished pieces, the oldest at the left: a dot for each, on a scale around nothing or from it.
 */
final class LogChart
{
    private const WIDTH = 400.0;
    private const HEIGHT = 116.0;
    private const LOW = 106.0;
    private const HIGH = 18.0;

    /**
     * @param list<float>            $shares the oldest first
     * @param float                  $aim    a line that is worth being near to
     * @param callable(float):string $scale  writes how far the scale goes
     * @param float                  $least  that it goes
     */
    public static function paint(array $shares, float $aim, string $label, callable $scale, float $least): string
    {
        $most = max($least, abs($aim), ...array_map(abs(...), $shares));
        $isSigned = [] !== $shares && min($shares) < 0.0;
        $y = static fn (float $share): float => $isSigned
            ? (self::LOW + self::HIGH) / 2 - $share / $most * (self::LOW - self::HIGH) / 2
            : self::LOW - $share / $most * (self::LOW - self::HIGH);
        $step = self::WIDTH / (\count($shares) + 1);
        $dots = '';
        foreach ($shares as $i => $share) {
            $dots .= Svg::element('path', [
                'd' => \sprintf(
                    'M%1$s,%2$s V%3$s',
                    Svg::number(($i + 1) * $step),
                    Svg::number($y(0.0)),
                    Svg::number($y($share)),
                ),
                'class' => 'chart-stem',
            ]).Svg::element('circle', ['cx' => ($i + 1) * $step, 'cy' => $y($share), 'r' => 5, 'class' => 'chart-dot']);
        }
        $line = static fn (float $share, string $class): string => Svg::element(
            'path',
            ['d' => \sprintf('M0,%1$s H%2$s', Svg::number($y($share)), Svg::number(self::WIDTH)), 'class' => $class],
        );

        return Svg::drawing(
            [0, 0, self::WIDTH, self::HEIGHT],
            $label,
            'log-chart',
            [],
            $line(0.0, 'chart-zero'),
            0.0 === $aim ? '' : $line($aim, 'chart-aim'),
            $dots,
            Svg::element(
                'text',
                ['x' => 2, 'y' => self::HIGH - 2, 'class' => 'gauge-word'],
                Svg::text(($isSigned ? '±' : '').$scale($most)),
            ),
        );
    }
}
