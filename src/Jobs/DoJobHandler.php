<?php

declare(strict_types=1);

namespace Rinkel\App\Jobs;

use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/**
 * Does jobs one after the other: bin/console messenger:consume jobs.
 */
#[AsMessageHandler]
final readonly class DoJobHandler
{
    public function __construct(private Jobs $jobs) {}

    public function __invoke(DoJob $message): void
    {
        $this->jobs->do($message->uid);
    }
}
