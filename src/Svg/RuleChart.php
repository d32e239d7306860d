<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Sizing\QuotedNumber;
use Rinkel\Core\Sizing\ThumbRule;
use Rinkel\Core\Svg\Svg;

/**
 * A rule of thumb beside what is computed: the line of what is said across columns of what it comes to, each with its
 * range; filled where the rule fits, hollow where it doesn't.
 */
final readonly class RuleChart
{
    private const WIDE = 640.0;
    private const HIGH = 260.0;
    private const LEFT = 58.0;
    private const BOTTOM = 34.0;
    private const TOP = 12.0;

    /** Half of a column. */
    private const HALF = 16.0;

    /** Lines across are this far apart, the first that makes few enough of them. */
    private const STEPS = [0.5, 1, 2, 5, 10, 20, 50];
    private const LINES = 6;

    private function __construct(private ThumbRule $rule, private float $most) {}

    /**
     * @param string $label what it shows
     * @param string $said  beside the line of the rule
     */
    public static function of(ThumbRule $rule, string $label, string $said): string
    {
        $tops = array_map(static fn (QuotedNumber $one): float => $one->most, array_values($rule->computed));
        $chart = new self($rule, 1.15 * max($rule->said, ...$tops));
        $line = $chart->y($rule->said);

        return Svg::drawing(
            [0, 0, self::WIDE, self::HIGH],
            $label,
            'block w-full',
            [],
            $chart->across(),
            $chart->columns(),
            Svg::element('path', [
                'class' => 'gauge-hand', 'd' => \sprintf('M%s %sH%s', self::LEFT, Svg::number($line), self::WIDE),
            ]),
            self::text(self::WIDE - 4, $line - 6, $said, 'end'),
        );
    }

    private function y(float $value): float
    {
        return self::TOP + (self::HIGH - self::TOP - self::BOTTOM) * (1 - $value / $this->most);
    }

    private function across(): string
    {
        $few = array_filter(self::STEPS, fn (float $step): bool => $this->most / $step <= self::LINES);
        [$step, $drawn] = [[] === $few ? self::STEPS[6] : min($few), ''];
        for ($mark = 0.0; $mark < $this->most; $mark += $step) {
            $drawn .= Svg::element('path', [
                'class' => 'day-hour',
                'd' => \sprintf('M%s %sH%s', self::LEFT, Svg::number($this->y($mark)), self::WIDE),
            ]).self::text(
                self::LEFT - 8,
                $this->y($mark) + 5,
                Svg::number($mark).($this->rule->isTimes ? '×' : ' mm'),
                'end',
            );
        }

        return $drawn;
    }

    private function columns(): string
    {
        $step = (self::WIDE - self::LEFT) / \count($this->rule->computed);
        [$drawn, $i, $fits] = ['', 0, $this->rule->fits()];
        foreach ($this->rule->computed as $at => $one) {
            $x = self::LEFT + $step * ($i++ + 0.5);
            $drawn .= Svg::element('rect', [
                'class' => 'gauge-zone '.(\in_array($at, $fits, true) ? 'gauge-comfortable' : 'gauge-too-tight'),
                'x' => $x - self::HALF, 'width' => 2 * self::HALF, 'y' => $this->y($one->most),
                'height' => $this->y($one->least) - $this->y($one->most),
            ]).Svg::element('path', [
                'class' => 'gauge-span',
                'd' => \sprintf(
                    'M%s %sh%s',
                    Svg::number($x - self::HALF),
                    Svg::number($this->y($one->mean)),
                    2 * self::HALF,
                ),
            ]).self::text($x, self::HIGH - 12, (string) $at, 'middle');
        }

        return $drawn;
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
