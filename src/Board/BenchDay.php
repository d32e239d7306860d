<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Making\DayStretch;
use Rinkel\Core\Making\Order;

/**
 * A day at the bench as its page shows it.
 */
final readonly class BenchDay
{
    /**
     * @param list<StoredPiece>           $pieces
     * @param list<list<array{int, int}>> $chains of each: minutes of hands, and of waiting
     * @param array<int, array<int, int>> $pins   from which minute of the day, by piece and stretch
     */
    public function __construct(
        public array $pieces,
        public array $chains,
        public array $pins,
        public Order $order,
        public \DateTimeImmutable $begin,
    ) {}

    public function has(int $id): bool
    {
        return \in_array($id, array_map(static fn (StoredPiece $piece): int => $piece->id(), $this->pieces), true);
    }

    /**
     * Returns how many stretches of its piece are left with this one, by which it is known while work goes on.
     */
    public function left(DayStretch $stretch): int
    {
        return \count($this->chains[$stretch->piece] ?? []) - $stretch->number;
    }

    /**
     * Returns the minute that a maker wants a stretch to begin at.
     */
    public function pin(DayStretch $stretch): ?int
    {
        return $this->pins[$stretch->piece][$stretch->number] ?? null;
    }

    /**
     * Returns the time so many minutes after the beginning.
     */
    public function at(int $minutes): \DateTimeImmutable
    {
        return $this->begin->modify('+'.$minutes.' minutes');
    }

    /**
     * Returns in how many minutes nothing could be done before the last stretch of work was.
     */
    public function idle(): int
    {
        $last = $this->order->stretches[\count($this->order->stretches) - 1] ?? null;

        return null === $last ? 0 : $last->until - $this->order->hands;
    }

    /**
     * Returns the same in whole hours where it is two and more, else 0: minutes say it then.
     */
    public function idleHours(): int
    {
        return $this->idle() < 2 * 60 ? 0 : (int) round($this->idle() / 60);
    }
}
