<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Rinkel\Core\Making\DayStretch;
use Rinkel\Core\Svg\Svg;

/**
 * Draws a day at the bench: a row for each piece, work as tape, waits as dashes, along the hours.
 */
final readonly class DayLine
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

    /** Of a minute, in the drawing's units. */
    private float $minute;

    private int $minutes;

    /**
     * @param \Closure(\DateTimeInterface): string $clock writes the time of a day
     */
    private function __construct(private BenchDay $day, private \Closure $clock)
    {
        $this->minutes = self::minutes($day);
        $this->minute = (self::WIDTH - self::LEFT - 8) / $this->minutes;
    }

    /**
     * @param callable(\DateTimeInterface): string $clock writes the time of a day
     * @param \DateTimeInterface|null              $now   where the line of now stands, as far as it is in the day
     */
    public static function paint(BenchDay $day, string $label, callable $clock, ?\DateTimeInterface $now = null): string
    {
        $line = new self($day, $clock(...));
        $bottom = self::HEAD + self::ROW * \count($day->pieces);

        return Svg::drawing(
            [0, 0, self::WIDTH, $bottom + 4],
            $label,
            'day-line',
            ['data-minute' => round($line->minute, 4)],
            ...$line->hours($bottom),
            ...$line->names(),
            ...array_map($line->stretch(...), $day->order->stretches),
            ...[$line->now($now, $bottom)],
        );
    }

    private function x(float $at): float
    {
        return self::LEFT + $at * $this->minute;
    }

    /**
     * @return list<string>
     */
    private function hours(float $bottom): array
    {
        $parts = [];
        $every = $this->minutes > 600 ? 120 : ($this->minutes > 180 ? 60 : 30);
        $first = ($every - ((int) $this->day->begin->format('i') % $every)) % $every;
        for ($at = $first; $at <= $this->minutes; $at += $every) {
            $parts[] = $this->upright($at, self::HEAD - 4, $bottom, 'day-hour');
            $parts[] = Svg::element(
                'text',
                ['x' => $this->x($at), 'y' => self::HEAD - 9, 'class' => 'day-figure', 'text-anchor' => 'middle'],
                Svg::text(($this->clock)($this->day->at($at))),
            );
        }

        return $parts;
    }

    /**
     * @return list<string>
     */
    private function names(): array
    {
        $parts = [];
        foreach ($this->day->pieces as $i => $piece) {
            $name = $piece->document()['name'] ?? '';
            $name = \is_string($name) ? $name : '';
            $parts[] = Svg::element(
                'text',
                ['x' => 0, 'y' => self::HEAD + self::ROW * ($i + 0.65), 'class' => 'day-word'],
                Svg::text(mb_strlen($name) > self::NAME ? mb_substr($name, 0, self::NAME - 1).'…' : $name),
            );
        }

        return $parts;
    }

    /**
     * Draws work as tape, and the wait after it as dashes; nothing of what is of another day.
     */
    private function stretch(DayStretch $stretch): string
    {
        [$from, $until, $y] = [
            $this->x($stretch->from),
            $this->x($stretch->until),
            self::HEAD + self::ROW * $stretch->piece,
        ];
        $isWork = $stretch->from < $this->minutes && $stretch->until > $stretch->from;
        $isWait = $stretch->from < $this->minutes && $stretch->waits > $stretch->until;

        return ($isWork ? Svg::element('rect', [
            'x' => $from,
            'y' => $y + 5,
            'width' => max(1.0, $until - $from),
            'height' => self::ROW - 10,
            'class' => null === $this->day->pin($stretch) ? 'day-work' : 'day-work day-pinned',
            'data-at' => $this->day->pieces[$stretch->piece]->id().'-'.$this->day->left($stretch),
        ]) : '').($isWait ? Svg::element('path', [
            'd' => \sprintf(
                'M%1$s,%2$s H%3$s',
                Svg::number($until),
                Svg::number($y + self::ROW / 2),
                Svg::number($this->x(min($this->minutes, $stretch->waits))),
            ),
            'class' => 'day-wait',
        ]) : '');
    }

    private function now(?\DateTimeInterface $now, float $bottom): string
    {
        $passed = null === $now ? -1 : intdiv($now->getTimestamp() - $this->day->begin->getTimestamp(), 60);

        return $passed >= 0 && $passed <= $this->minutes ? $this->upright(
            $passed,
            self::HEAD - 6,
            $bottom,
            'day-now',
        ) : '';
    }

    private function upright(int $at, float $top, float $bottom, string $class): string
    {
        $d = \sprintf('M%s,%s V%s', Svg::number($this->x($at)), Svg::number($top), Svg::number($bottom));

        return Svg::element('path', ['d' => $d, 'class' => $class]);
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
