<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Svg\Svg;
use Rinkel\Core\Making\Calendar;

/**
 * The days at the bench as their page shows them: what is done when, and what is late.
 */
final readonly class BenchDays
{
    /** So many days are drawn. */
    private const DRAWN = 28;

    private const COLUMN = 40.0;
    private const HIGH = 150.0;
    private const HEAD = 22.0;

    /**
     * @param list<WorkLine>                  $lines
     * @param list<array{int|null, int, int}> $works of each until which day from today, its minutes, and from which day
     */
    public function __construct(
        public array $lines,
        public array $works,
        private Calendar $calendar,
        public int $perDay,
        private \DateTimeImmutable $today,
    ) {}

    /**
     * @return array<int, int> by how many days each line is done too late, those that are
     */
    public function late(): array
    {
        return $this->calendar->late($this->works);
    }

    /**
     * Returns when a line is done.
     */
    public function done(int $line): \DateTimeImmutable
    {
        return $this->today->modify('+'.($this->calendar->ends[$line] ?? 0).' days');
    }

    public function hands(): int
    {
        return array_sum(array_column($this->works, 1));
    }

    /**
     * @param callable(\DateTimeInterface): string $day writes a day
     */
    public function paint(string $label, callable $day): string
    {
        $days = max(21, min(self::DRAWN, $this->calendar->days));
        $width = self::COLUMN * $days;
        $late = $this->late();
        $parts = [];
        $filled = [];
        foreach ($this->calendar->stretches as [$on, $which, $minutes]) {
            if ($on >= $days) {
                continue;
            }
            $high = self::HIGH * $minutes / $this->perDay;
            $from = ($filled[$on] ?? 0.0) + $high;
            $filled[$on] = $from;
            [$x, $y] = [self::COLUMN * $on + 2, self::HEAD + self::HIGH - $from];
            $parts[] = Svg::element('rect', [
                'x' => $x, 'y' => $y, 'width' => self::COLUMN - 4, 'height' => max(1.0, $high - 1),
                'class' => isset($late[$which]) ? 'bench-late' : 'day-work',
                'data-work' => $this->lines[$which]->first->id(), 'data-column' => $on,
            ], Svg::element('title', [], Svg::text($this->lines[$which]->first->name())));
            if ($high > 14) {
                $parts[] = Svg::element('text', [
                    'x' => $x + (self::COLUMN - 4) / 2, 'y' => $y + $high / 2 + 4, 'text-anchor' => 'middle',
                    'class' => isset($late[$which]) ? 'bench-late-word' : 'bench-word',
                ], Svg::text((string) ($which + 1)));
            }
        }
        for ($on = 0; $on < $days; ++$on) {
            $parts[] = Svg::element('text', [
                'x' => self::COLUMN * ($on + 0.5), 'y' => self::HEAD - 8, 'text-anchor' => 'middle',
                'class' => 0 === $on ? 'day-word' : 'day-figure',
                'data-on' => $this->today->modify('+'.$on.' days')->format('Y-m-d'),
            ], Svg::text($day($this->today->modify('+'.$on.' days'))));
        }
        $parts[] = Svg::element('path', [
            'd' => \sprintf('M0,%1$s H%2$s', Svg::number(self::HEAD), Svg::number($width)), 'class' => 'day-wait',
        ]);
        $parts[] = Svg::element('path', [
            'd' => \sprintf('M0,%1$s H%2$s', Svg::number(self::HEAD + self::HIGH), Svg::number($width)),
            'class' => 'day-hour',
        ]);

        return Svg::drawing([0, 0, $width, self::HEAD + self::HIGH + 4], $label, 'bench-days', [
            'data-day' => self::COLUMN,
        ], ...$parts);
    }
}
