<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal;

use Rinkel\Core\Knot\Side;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acts;
use Rinkel\Core\Work\Move;

/**
 * Where hands are in a making: after so many moves, before the next.
 *
 * @internal
 */
final readonly class Moment
{
    /**
     * @param int $number of the act in hand, from 0
     * @param int $done   moves of it
     */
    private function __construct(
        public Acts $acts,
        public int $number,
        public int $done,
        public Act $act,
    ) {}

    /**
     * Returns the moment after so many moves; null once all is done.
     */
    public static function after(Acts $acts, int $moves): ?self
    {
        [$number, $done] = $acts->at($moves);
        $act = $acts->all[$number] ?? null;

        return null === $act || $done >= $act->stint->count ? null : new self($acts, $number, $done, $act);
    }

    /**
     * Returns the move that comes.
     */
    public function move(): Move
    {
        return $this->act->stint->move($this->done);
    }

    /**
     * Returns the act that was done last; null while the first is in hand.
     */
    public function before(): ?Act
    {
        return 0 === $this->number ? null : $this->acts->all[$this->number - 1] ?? null;
    }

    public function next(): ?Act
    {
        return $this->acts->all[$this->number + 1] ?? null;
    }

    /**
     * Returns how many moves of the act in hand are still to come.
     */
    public function open(): int
    {
        return $this->act->stint->count - $this->done;
    }

    /**
     * Returns from which side the move before came, where it tied the same knot.
     */
    public function lastSide(): ?Side
    {
        $stint = $this->done > 0 ? $this->act->stint : $this->before()?->stint;
        $last = $stint?->move(($this->done ?: $stint->count) - 1);

        return $last?->knot === $this->move()->knot ? $last?->side : null;
    }

    /**
     * Returns the act in hand and those that come after it.
     *
     * @param int|null $most so many after it; all when null
     *
     * @return list<Act>
     */
    public function ahead(?int $most = null): array
    {
        return \array_slice($this->acts->all, $this->number, null === $most ? null : $most + 1);
    }
}
