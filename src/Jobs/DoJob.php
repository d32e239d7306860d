<?php

declare(strict_types=1);

namespace Rinkel\App\Jobs;

/**
 * Asks whoever works beside the pages to do a job.
 */
final readonly class DoJob
{
    public function __construct(public string $uid) {}
}
