<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

/**
 * In which order several pieces are worked on, by the minute from the beginning of the day.
 */
final readonly class Order
{
    /**
     * @param list<DayStretch> $stretches in their order
     * @param int              $end       when all is done, waits included
     * @param int              $least     before when nothing could have it done; the end itself where that is proven best
     * @param int              $hands     minutes of work in all
     */
    private function __construct(
        public array $stretches,
        public int $end,
        public int $least,
        public int $hands,
    ) {}

    /**
     * @param list<list<array{int, int}>> $chains
     * @param list<int>                   $turns  pieces, as they are worked on
     */
    public static function from(array $chains, array $turns, int $least): self
    {
        [$time, $stretches, $end] = [0, [], 0];
        $next = $free = array_fill(0, \count($chains), 0);
        foreach ($turns as $piece) {
            $number = $next[$piece] ?? 0;
            [$hands, $wait] = $chains[$piece][$number] ?? [0, 0];
            $from = max($time, $free[$piece] ?? 0);
            $time = $from + $hands;
            $free[$piece] = $time + $wait;
            $next[$piece] = $number + 1;
            $end = max($end, $free[$piece]);
            $stretches[] = new DayStretch($piece, $number, $from, $time, $time + $wait);
        }

        return new self($stretches, $end, $least, array_sum(array_map(
            static fn (DayStretch $stretch): int => $stretch->until - $stretch->from,
            $stretches,
        )));
    }

    public function isProven(): bool
    {
        return $this->least === $this->end;
    }
}
