<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\Core\Making\Calendar;
use Rinkel\Core\Svg\Svg;

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
        $level = static fn (float $y, string $class): string => Svg::element('path', [
            'd' => \sprintf('M0,%1$s H%2$s', Svg::number($y), Svg::number($width)), 'class' => $class,
        ]);

        return Svg::drawing(
            [0, 0, $width, self::HEAD + self::HIGH + 4],
            $label,
            'bench-days',
            ['data-day' => self::COLUMN],
            ...$this->blocks($days),
            ...$this->days($days, $day),
            ...[$level(self::HEAD, 'day-wait'), $level(self::HEAD + self::HIGH, 'day-hour')],
        );
    }

    /**
     * @return list<string> the work of each day, what is due first at the bottom
     */
    private function blocks(int $days): array
    {
        [$late, $parts, $filled] = [$this->late(), [], []];
        foreach ($this->calendar->stretches as [$on, $which, $minutes]) {
            if ($on >= $days) {
                continue;
            }
            $high = self::HIGH * $minutes / $this->perDay;
            $filled[$on] = $from = ($filled[$on] ?? 0.0) + $high;
            [$x, $y] = [self::COLUMN * $on + 2, self::HEAD + self::HIGH - $from];
            $parts[] = Svg::element('rect', [
                'x' => $x, 'y' => $y, 'width' => self::COLUMN - 4, 'height' => max(1.0, $high - 1),
                'class' => isset($late[$which]) ? 'bench-late' : 'day-work',
                'data-work' => $this->lines[$which]->first->id(), 'data-column' => $on,
            ], Svg::element('title', [], Svg::text($this->lines[$which]->first->name())));
            $parts[] = $high <= 14 ? '' : Svg::element('text', [
                'x' => $x + (self::COLUMN - 4) / 2, 'y' => $y + $high / 2 + 4, 'text-anchor' => 'middle',
                'class' => isset($late[$which]) ? 'bench-late-word' : 'bench-word',
            ], Svg::text((string) ($which + 1)));
        }

        return $parts;
    }

    /**
     * @param callable(\DateTimeInterface): string $day writes a day
     *
     * @return list<string>
     */
    private function days(int $days, callable $day): array
    {
        return array_map(fn (int $on): string => Svg::element('text', [
            'x' => self::COLUMN * ($on + 0.5), 'y' => self::HEAD - 8, 'text-anchor' => 'middle',
            'class' => 0 === $on ? 'day-word' : 'day-figure',
            'data-on' => $this->today->modify('+'.$on.' days')->format('Y-m-d'),
        ], Svg::text($day($this->today->modify('+'.$on.' days')))), range(0, $days - 1));
    }
}
