<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Psr\Clock\ClockInterface;
use Rinkel\App\Jobs\JobProgress;
use Rinkel\App\Jobs\LongWork;

/**
 * Writes everything into one archive.
 */
final readonly class ExportWork implements LongWork
{
    public function __construct(
        private Archive $archive,
        private ClockInterface $clock,
    ) {}

    public function word(): string
    {
        return 'export';
    }

    public function do(array $asked, string $folder, JobProgress $progress): array
    {
        $this->archive->write($folder.'/rinkel.zip', $progress);

        return ['file' => 'rinkel.zip', 'name' => \sprintf('rinkel-%s.zip', $this->clock->now()->format('Y-m-d'))];
    }
}
