<?php

declare(strict_types=1);

namespace Rinkel\App\Jobs;

/**
 * Tells how far a job is, and is told when nobody wants it any more.
 */
final class JobProgress
{
    /** Seconds between two looks: whoever waits looks no more often. */
    private const BETWEEN = 0.2;

    private int $done = 0;
    private int $total = 0;
    private float $told = 0.0;

    /**
     * @param \Closure(int, int): void $tell
     * @param \Closure(): bool         $isCancelled
     */
    public function __construct(
        private readonly \Closure $tell,
        private readonly \Closure $isCancelled,
    ) {}

    /**
     * Says how many steps there are in all.
     */
    public function of(int $total): void
    {
        [$this->total, $this->told] = [$total, 0.0];
        $this->to(0);
    }

    /**
     * @throws JobCancelled
     */
    public function step(): void
    {
        $this->to($this->done + 1);
    }

    /**
     * @throws JobCancelled
     */
    public function to(int $done): void
    {
        $this->done = $done;
        if (microtime(true) - $this->told > self::BETWEEN) {
            $this->told = microtime(true);
            if ($this->isCancelled()) {
                throw new JobCancelled();
            }
            ($this->tell)($done, $this->total);
        }
    }

    public function isCancelled(): bool
    {
        return ($this->isCancelled)();
    }
}
