<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

/**
 * Which work is done on which day when so many minutes of hands are there each day: what is due first is done first
 * (J. R. Jackson, 1955: then the greatest lateness is the least that there can be).
 */
final readonly class Calendar
{
    /** Further on nothing is planned, in days. */
    public const LONGEST = 366;

    /**
     * @param list<array{int, int, int}> $stretches day from today, which work, and how many minutes, in order
     * @param array<int, int>            $ends      the day on which each work is done, by which it is
     */
    private function __construct(
        public array $stretches,
        public array $ends,
        public int $days,
    ) {}

    /**
     * @param list<array{int|null, int}> $works  until which day from today each is due, null where no day is said, and
     *                                           its minutes; before today is below 0
     * @param int                        $perDay minutes of hands, at least 1
     */
    public static function of(array $works, int $perDay): self
    {
        $order = array_keys($works);
        usort($order, static fn (int $one, int $other): int => [
            $works[$one][0] ?? \PHP_INT_MAX, $one,
        ] <=> [$works[$other][0] ?? \PHP_INT_MAX, $other]);
        [$stretches, $ends, $day, $left] = [[], [], 0, max(1, $perDay)];
        foreach ($order as $which) {
            $minutes = max(0, $works[$which][1]);
            while ($minutes > 0 && $day < self::LONGEST) {
                if (0 === $left) {
                    [$day, $left] = [$day + 1, max(1, $perDay)];
                }
                $now = min($left, $minutes);
                $stretches[] = [$day, $which, $now];
                [$left, $minutes] = [$left - $now, $minutes - $now];
            }
            $ends[$which] = $day;
        }

        return new self($stretches, $ends, $day + 1);
    }

    /**
     * Returns by how many days each work is done too late, those that are.
     *
     * @param list<array{int|null, int}> $works as they were planned
     *
     * @return array<int, int> days, by which work it is
     */
    public function late(array $works): array
    {
        $late = [];
        foreach ($this->ends as $which => $end) {
            $due = $works[$which][0] ?? null;
            if (null !== $due && $end > $due) {
                $late[$which] = $end - $due;
            }
        }

        return $late;
    }
}
