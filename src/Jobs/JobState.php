<?php

declare(strict_types=1);

namespace Rinkel\App\Jobs;

/**
 * How far a job is.
 */
enum JobState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    case Failed = 'failed';
    case Cancelled = 'cancelled';

    public function isOver(): bool
    {
        return !\in_array($this, [self::Waiting, self::Running], true);
    }
}
