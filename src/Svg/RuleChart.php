<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Sizing\QuotedNumber;

/**
 * A rule of thumb beside what is computed: by how many cores there are, how many times its length a band takes of each
 * working cord, with the range of four makers of five, and the line of the rule.
 */
final readonly class RuleChart
{
    private const WIDE = 640.0;
    private const HIGH = 260.0;
    private const LEFT = 46.0;
    private const BOTTOM = 34.0;
    private const TOP = 12.0;

    private function __construct() {}

    /**
     * @param array<int, QuotedNumber> $times by the count of cores
     * @param float                    $rule  what is usually said
     * @param string                   $label what it shows
     * @param string                   $said  beside the line of the rule
     */
    public static function of(array $times, float $rule, string $label, string $said): string
    {
        $most = max($rule, ...array_map(static fn (QuotedNumber $one): float => $one->most, array_values($times))) + 1;
        $high = self::HIGH - self::TOP - self::BOTTOM;
        $y = static fn (float $value): float => self::TOP + $high * (1 - $value / $most);
        $step = (self::WIDE - self::LEFT) / max(1, \count($times));
        $drawn = '';
        for ($mark = 0; $mark < $most; $mark += 2) {
            $drawn .= Svg::element('path', [
                'class' => 'day-hour', 'd' => \sprintf('M%s %sH%s', self::LEFT, Svg::number($y($mark)), self::WIDE),
            ]).self::text(self::LEFT - 8, $y($mark) + 5, $mark.'×', 'end');
        }
        $i = 0;
        foreach ($times as $cores => $one) {
            $x = self::LEFT + $step * ($i++ + 0.5);
            $drawn .= Svg::element('rect', [
                'class' => 'gauge-snug', 'x' => $x - 16, 'width' => 32, 'y' => $y($one->most),
                'height' => $y($one->least) - $y($one->most),
            ]).Svg::element('path', [
                'class' => 'gauge-span',
                'd' => \sprintf('M%s %sh32', Svg::number($x - 16), Svg::number($y($one->mean))),
            ]).self::text($x, self::HIGH - 12, (string) $cores, 'middle');
        }

        return Svg::drawing(
            [0, 0, self::WIDE, self::HIGH],
            $label,
            'block w-full max-w-3xl',
            [],
            $drawn,
            Svg::element('path', [
                'class' => 'gauge-hand', 'd' => \sprintf('M%s %sH%s', self::LEFT, Svg::number($y($rule)), self::WIDE),
            ]),
            self::text(self::WIDE - 4, $y($rule) - 6, $said, 'end'),
        );
    }

    private static function text(float $x, float $y, string $text, string $anchor): string
    {
        return Svg::element(
            'text',
            ['class' => 'gauge-word', 'x' => $x, 'y' => $y, 'text-anchor' => $anchor],
            Svg::text($text),
        );
    }
}
