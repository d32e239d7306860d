<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Svg\Svg;

/**
 * How one measure of somebody went over time: a dot for each time it was taken, days apart as they were.
 */
final readonly class MeasureLine
{
    private const WIDTH = 240.0;
    private const HIGH = 48.0;
    private const EDGE = 8.0;

    /** Less than so much apart, in mm, a line is flat. */
    private const LEAST = 10.0;

    /**
     * @param list<array{\DateTimeInterface, Length}> $measures the last first
     */
    public static function paint(array $measures, string $label): string
    {
        if (\count($measures) < 2) {
            return '';
        }
        $times = array_map(static fn (array $one): int => $one[0]->getTimestamp(), $measures);
        $lengths = array_map(static fn (array $one): float => $one[1]->millimetres, $measures);
        [$from, $until] = [min($times), max($times)];
        $middle = (max($lengths) + min($lengths)) / 2;
        $span = max(self::LEAST, max($lengths) - min($lengths));
        $points = [];
        foreach ($measures as $i => $one) {
            $points[] = [
                self::EDGE + ($times[$i] - $from) / max(1, $until - $from) * (self::WIDTH - 2 * self::EDGE),
                self::HIGH / 2 - ($lengths[$i] - $middle) / $span * (self::HIGH - 2 * self::EDGE),
            ];
        }
        $path = implode(' L', array_map(
            static fn (array $point): string => Svg::number($point[0]).','.Svg::number($point[1]),
            array_reverse($points),
        ));

        return Svg::drawing(
            [0, 0, self::WIDTH, self::HIGH],
            $label,
            'measure-line',
            [],
            Svg::element('path', ['d' => 'M'.$path, 'class' => 'chart-stem', 'fill' => 'none']),
            ...array_map(
                static fn (array $point): string => Svg::element(
                    'circle',
                    ['cx' => $point[0], 'cy' => $point[1], 'r' => 4, 'class' => 'chart-dot'],
                ),
                $points,
            ),
        );
    }
}
