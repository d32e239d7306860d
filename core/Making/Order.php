<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

/**
 * In which order several pieces are worked on, by the minute from the beginning of the day.
 *
 * @internal
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
     * @param list<DayStretch> $stretches as they are worked on
     */
    public static function from(array $stretches, int $least): self
    {
        [$end, $hands] = [0, 0];
        foreach ($stretches as $stretch) {
            $end = max($end, $stretch->until, $stretch->waits);
            $hands += $stretch->until - $stretch->from;
        }

        return new self($stretches, $end, $least, $hands);
    }

    public function isProven(): bool
    {
        return $this->least === $this->end;
    }
}
