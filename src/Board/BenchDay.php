<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Making\Order;

/**
 * A day at the bench as its page shows it.
 */
final readonly class BenchDay
{
    /**
     * @param list<StoredPiece>           $pieces
     * @param list<list<array{int, int}>> $chains of each: minutes of hands, and of waiting
     */
    public function __construct(
        public array $pieces,
        public array $chains,
        public Order $order,
        public \DateTimeImmutable $begin,
    ) {}

    public function has(int $id): bool
    {
        return \in_array($id, array_map(static fn (StoredPiece $piece): int => $piece->id(), $this->pieces), true);
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
     * @return array{int, int} minutes of hands and of waiting of the $i-th piece
     */
    public function sums(int $i): array
    {
        $chain = $this->chains[$i] ?? [];

        return [array_sum(array_column($chain, 0)), array_sum(array_column($chain, 1))];
    }
}
