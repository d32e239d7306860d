<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

/**
 * One turn of work on all pieces of a series.
 *
 * @internal
 */
final readonly class SizeTurn
{
    /**
     * @param Operation $operation what is done: cut, tied, closed, secured, trimmed, or left alone
     * @param int       $pieces    of how many
     * @param float     $minutes   of hands
     * @param int       $waits     minutes in which all of them are left alone
     * @param int       $acts      of one of them
     */
    public function __construct(
        public Operation $operation,
        public int $pieces,
        public float $minutes,
        public int $waits,
        public int $acts = 0,
    ) {}

    /**
     * Returns it with what comes right after it in the same pieces.
     */
    public function then(self $next): self
    {
        return new self(
            $this->operation,
            $this->pieces,
            $this->minutes + $next->minutes,
            max($this->waits, $next->waits),
            $this->acts + $next->acts,
        );
    }

    /**
     * Returns it with the same done to other pieces.
     */
    public function with(self $other): self
    {
        return new self(
            $this->operation,
            $this->pieces + $other->pieces,
            $this->minutes + $other->minutes,
            max($this->waits, $other->waits),
        );
    }
}
