<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Svg\Svg;

/**
 * Draws the girths a piece can have against what they mean on this wrist: zones from tight to loose, the span from shut
 * to open, the wished fit and the hand it has to pass.
 */
final readonly class FitGauge
{
    private const WIDTH = 640.0;
    private const ZONE_TOP = 26.0;
    private const ZONE_DEPTH = 34.0;

    /** Half the room between two texts in a row. */
    private const APART = 6.0;

    private float $from;
    private float $scale;

    public function __construct(private Plan $plan)
    {
        $skin = $plan->draft->piece->wearer->skin()->millimetres;
        $to = max(
            $plan->draft->open()->millimetres,
            $plan->draft->piece->wearer->handGirth()->millimetres,
            $skin + 45,
        ) + 8;
        $this->from = min($plan->draft->closed()->millimetres, $skin) - 8;
        $this->scale = self::WIDTH / ($to - $this->from);
    }

    /**
     * @param array<string, string> $words labels by zone, and under "wished", "hand", "shut", "open" and "label"
     */
    public function paint(array $words): string
    {
        $bottom = self::ZONE_TOP + self::ZONE_DEPTH;
        $hand = $this->x($this->plan->draft->piece->wearer->handGirth()->millimetres);
        $wished = $this->x($this->plan->draft->wished()->millimetres);
        $ends = [
            $this->x($this->plan->draft->closed()->millimetres),
            $this->x($this->plan->draft->open()->millimetres),
        ];

        return Svg::element(
            'svg',
            [
                'xmlns' => 'http://www.w3.org/2000/svg',
                'viewBox' => '0 0 '.Svg::number(self::WIDTH).' 116',
                'role' => 'img',
                'aria-label' => $words['label'],
                'class' => 'gauge-drawing',
            ],
            $this->zones($words),
            $this->marker($hand, 'gauge-hand', 'M0,20 V64'),
            $this->span($bottom - 17, ...$ends),
            $this->marker($wished, 'gauge-wished', 'M-6,18 H6 L0,27 Z M0,27 V60'),
            $hand <= $wished
                ? $this->pair(13, [$hand, $wished], [$words['hand'], $words['wished']], 'gauge-word')
                : $this->pair(13, [$wished, $hand], [$words['wished'], $words['hand']], 'gauge-word'),
            $this->pair($bottom + 52, $ends, [$words['shut'], $words['open']], 'gauge-figure'),
        );
    }

    /**
     * @param array<string, string> $words
     */
    private function zones(array $words): string
    {
        $starts = [FitZone::TooTight->value => $this->from];
        foreach ((new EaseScale($this->plan->draft->piece->wearer))->starts() as $zone => $start) {
            $starts[$zone] = $start->millimetres;
        }
        $ends = [...\array_slice(array_values($starts), 1), $this->from + self::WIDTH / $this->scale];
        $drawn = '';
        foreach (array_keys($starts) as $i => $zone) {
            [$left, $right] = [$this->x($starts[$zone]), $this->x($ends[$i])];
            $drawn .= Svg::element('rect', [
                'x' => $left,
                'y' => self::ZONE_TOP,
                'width' => max(0.0, $right - $left),
                'height' => self::ZONE_DEPTH,
                'class' => 'gauge-zone gauge-'.$zone,
                'data-zone' => $zone,
            ]).$this->text(
                ($left + $right) / 2,
                self::ZONE_TOP + self::ZONE_DEPTH + 16 + 16 * ($i % 2),
                $words[$zone],
                'gauge-word',
            );
        }

        return $drawn;
    }

    /**
     * Returns what is said of two places, each at its own, moved apart where they are near.
     *
     * @param array{float, float}   $at    the left one first
     * @param array{string, string} $words
     */
    private function pair(float $y, array $at, array $words, string $class): string
    {
        [$one, $other] = $words;
        $half = [self::half($one), self::half($other)];
        $lacking = '' === $one || '' === $other ? 0.0 : max(
            0.0,
            $half[0] + $half[1] + 2 * self::APART - ($at[1] - $at[0]),
        );
        $from = max($half[0], min($at[0] - $lacking / 2, self::WIDTH - 2 * self::APART - $half[0] - 2 * $half[1]));
        $to = max($at[1] + $lacking / 2, '' === $one ? 0.0 : $from + $half[0] + $half[1] + 2 * self::APART);

        return $this->text($from, $y, $one, $class).$this->text($to, $y, $other, $class);
    }

    /**
     * Returns half the width of a text; a wide glyph is 7 wide.
     */
    private static function half(string $word): float
    {
        return 3.6 * mb_strlen($word);
    }

    private function span(float $y, float $shut, float $open): string
    {
        return Svg::element('path', [
            'd' => \sprintf(
                'M%1$s,%3$s H%2$s M%1$s,%4$s V%5$s M%2$s,%4$s V%5$s',
                Svg::number($shut),
                Svg::number($open),
                Svg::number($y),
                Svg::number($y - 8),
                Svg::number($y + 8),
            ),
            'class' => 'gauge-span',
            'data-shut' => $this->plan->draft->closed()->millimetres,
            'data-open' => $this->plan->draft->open()->millimetres,
        ]);
    }

    private function marker(float $x, string $class, string $path): string
    {
        return Svg::element(
            'path',
            ['d' => $path, 'class' => $class, 'transform' => \sprintf('translate(%s 0)', Svg::number($x))],
        );
    }

    /**
     * Returns a text centred on $x, moved in where it would leave the drawing.
     */
    private function text(float $x, float $y, string $word, string $class): string
    {
        $half = self::half($word);
        $x = max($half, min(self::WIDTH - $half, $x));

        return Svg::element(
            'text',
            ['x' => $x, 'y' => $y, 'class' => $class, 'text-anchor' => 'middle'],
            Svg::text($word),
        );
    }

    private function x(float $girth): float
    {
        return ($girth - $this->from) * $this->scale;
    }
}
