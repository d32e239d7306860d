<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

/**
 * Which work is done on which day when so many minutes of hands are there each day: of what may be begun, what is due
 * first is done first (J. R. Jackson, 1955: then the greatest lateness is the least that there can be; work that waits
 * for its day and may be left and come back to included).
 *
 * @internal
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
     * @param list<array{0: int|null, 1: int, 2?: int}> $works  until which day from today each is due, null where no
     *                                                          day is said, its minutes, and from which day it is
     *                                                          begun; before today is below 0
     * @param int                                       $perDay minutes of hands, at least 1
     */
    public static function of(array $works, int $perDay): self
    {
        $order = array_keys($works);
        usort($order, static fn (int $one, int $other): int => [
            $works[$one][0] ?? \PHP_INT_MAX, $one,
        ] <=> [$works[$other][0] ?? \PHP_INT_MAX, $other]);
        $left = array_map(static fn (array $work): int => max(0, $work[1]), $works);
        [$stretches, $ends] = [[], array_filter($left, static fn (int $minutes): bool => 0 === $minutes)];
        for ($day = 0; $day < self::LONGEST && array_sum($left) > 0; ++$day) {
            $free = max(1, $perDay);
            foreach ($order as $which) {
                $now = ($works[$which][2] ?? 0) > $day ? 0 : min($free, $left[$which]);
                if ($now > 0) {
                    $stretches[] = [$day, $which, $now];
                    $free -= $now;
                    $left[$which] -= $now;
                    $ends += 0 === $left[$which] ? [$which => $day] : [];
                }
            }
        }
        // What a year has no room for ends after it.
        $ends += array_map(static fn (): int => self::LONGEST, $left);

        return new self($stretches, $ends, [] === $ends ? 1 : max($ends) + 1);
    }

    /**
     * Returns by how many days each work is done too late, those that are.
     *
     * @param list<array{0: int|null, 1: int, 2?: int}> $works as they were planned
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
