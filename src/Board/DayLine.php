<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Rinkel\App\Svg\Svg;
use Rinkel\Core\Making\DayStretch;

/**
 * Draws a day at the bench: a row for each piece, work as tape, waits as dashes, along the hours.
 */
final class DayLine
{
    private const WIDTH = 1000.0;
    private const ROW = 34.0;
    private const LEFT = 190.0;
    private const HEAD = 24.0;

    /** What comes later is of another day; and less is not drawn, in minutes. */
    private const DAY = 840;
    private const LEAST = 240;

    /** Of a name, in letters. */
    private const NAME = 24;

    /**
     * @param callable(\DateTimeInterface): string $clock writes the time of a day
     * @param \DateTimeInterface|null              $now   where the line of now stands, as far as it is in the day
     */
    public static function paint(BenchDay $day, string $label, callable $clock, ?\DateTimeInterface $now = null): string
    {
        $minutes = self::minutes($day);
        $x = static fn (float $at): float => self::LEFT + $at / $minutes * (self::WIDTH - self::LEFT - 8);
        $parts = [];
        $every = $minutes > 600 ? 120 : ($minutes > 180 ? 60 : 30);
        $first = ($every - ((int) $day->begin->format('i') % $every)) % $every;
        $bottom = self::HEAD + self::ROW * \count($day->pieces);
        for ($at = $first; $at <= $minutes; $at += $every) {
            $parts[] = Svg::element('path', [
                'd' => \sprintf(
                    'M%1$s,%2$s V%3$s',
                    Svg::number($x($at)),
                    Svg::number(self::HEAD - 4),
                    Svg::number($bottom),
                ),
                'class' => 'day-hour',
            ]).Svg::element(
                'text',
                ['x' => $x($at), 'y' => self::HEAD - 9, 'class' => 'day-figure', 'text-anchor' => 'middle'],
                Svg::text($clock($day->at($at))),
            );
        }
        foreach ($day->pieces as $i => $piece) {
            $name = $piece->document()['name'] ?? '';
            $name = \is_string($name) ? $name : '';
            $parts[] = Svg::element(
                'text',
                ['x' => 0, 'y' => self::HEAD + self::ROW * ($i + 0.65), 'class' => 'day-word'],
                Svg::text(mb_strlen($name) > self::NAME ? mb_substr($name, 0, self::NAME - 1).'…' : $name),
            );
        }
        foreach ($day->order->stretches as $stretch) {
            if ($stretch->from >= $minutes) {
                continue;
            }
            $y = self::HEAD + self::ROW * $stretch->piece;
            if ($stretch->until > $stretch->from) {
                $parts[] = Svg::element('rect', [
                    'x' => $x($stretch->from),
                    'y' => $y + 5,
                    'width' => max(1.0, $x($stretch->until) - $x($stretch->from)),
                    'height' => self::ROW - 10,
                    'class' => null === $day->pin($stretch) ? 'day-work' : 'day-work day-pinned',
                    'data-at' => $day->pieces[$stretch->piece]->id().'-'.$day->left($stretch),
                ]);
            }
            if ($stretch->waits > $stretch->until) {
                $parts[] = Svg::element('path', [
                    'd' => \sprintf(
                        'M%1$s,%2$s H%3$s',
                        Svg::number($x($stretch->until)),
                        Svg::number($y + self::ROW / 2),
                        Svg::number($x(min($minutes, $stretch->waits))),
                    ),
                    'class' => 'day-wait',
                ]);
            }
        }

        $passed = null === $now ? -1 : intdiv($now->getTimestamp() - $day->begin->getTimestamp(), 60);
        if ($passed >= 0 && $passed <= $minutes) {
            $parts[] = Svg::element('path', [
                'd' => \sprintf('M%s,%s V%s', Svg::number($x($passed)), Svg::number(self::HEAD - 6), Svg::number($bottom)),
                'class' => 'day-now',
            ]);
        }

        return Svg::drawing([0, 0, self::WIDTH, $bottom + 4], $label, 'day-line', [
            'data-minute' => round((self::WIDTH - self::LEFT - 8) / $minutes, 4),
        ], ...$parts);
    }

    /**
     * Returns how much of the day is drawn: while hands are at work, and room to put something later.
     */
    private static function minutes(BenchDay $day): int
    {
        $ends = array_map(
            static fn (DayStretch $stretch): int => $stretch->from < self::DAY ? min(self::DAY, $stretch->until) : 0,
            $day->order->stretches,
        );

        return max(self::LEAST, 60 * (int) ceil((max([0, ...$ends]) + 60) / 60));
    }
}
