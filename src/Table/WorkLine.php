<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\StoredOrder;

/**
 * One line of the work on the Table: things of one piece that stand alike, for one order or of their own.
 */
final readonly class WorkLine
{
    /**
     * @param list<int>        $ids   of all of them, the first included
     * @param StoredBoard|null $board on which the first lies
     * @param int|null         $dries until when, in seconds since 1970, where a clock runs on it
     */
    public function __construct(
        public StoredMaking $first,
        public array $ids,
        public ?StoredBoard $board,
        public ?int $dries,
        public bool $isLate,
    ) {}

    public function order(): ?StoredOrder
    {
        return $this->first->order();
    }

    public function state(): MakingState
    {
        return $this->first->state();
    }

    public function count(): int
    {
        return \count($this->ids);
    }

    /**
     * Returns how much is made of what lies on the board, in percent; null of what lies on none.
     */
    public function percent(): ?int
    {
        return null === $this->board
            ? null
            : (int) round(100 * $this->board->moves() / max(1, $this->board->total()));
    }

    /**
     * Returns on which day it is to be begun, "2026-12-04"; "" where nobody said so.
     */
    public function from(): string
    {
        return $this->first->changes()['from'] ?? '';
    }

    public function whom(): string
    {
        $order = $this->order();
        $whom = $this->first->changes()['for'] ?? $order?->text('for') ?? '';

        return '' !== $whom ? $whom : ($this->first->piece()?->whom() ?? '');
    }
}
