<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

/**
 * What was worked out of a piece and is not kept yet: its new states, those that go, and what is to be done with them.
 */
final class PendingEdit
{
    /** @var array<int, PieceState> by number */
    public array $states = [];

    /** @var list<array{string, int}> states that go: which, and the number in it */
    public array $gone = [];

    /** @var list<\Closure(): mixed> what is done within the same transaction */
    public array $also = [];

    /** States beyond this one are gone. */
    private int $last = \PHP_INT_MAX;

    /**
     * Has something be done when the edit is kept, and only then.
     *
     * @param \Closure(): mixed $then
     */
    public function also(\Closure $then): void
    {
        $this->also[] = $then;
    }

    /**
     * @return list<PieceState> that were new, and are no more
     */
    public function forgetAfter(int $number): array
    {
        $dropped = array_filter($this->states, static fn (int $of): bool => $of > $number, \ARRAY_FILTER_USE_KEY);
        $this->states = array_diff_key($this->states, $dropped);
        $this->last = min($this->last, $number);

        return array_values($dropped);
    }

    /**
     * Returns whether a state that is kept still is one of the piece.
     */
    public function has(int $number): bool
    {
        return $number <= $this->last;
    }
}
