<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Rinkel\App\Jobs\JobProgress;
use Rinkel\App\Jobs\LongWork;
use Rinkel\App\Platform\Files\UploadedFiles;
use Rinkel\App\Platform\LooseData;

/**
 * Takes what was chosen of an archive that was looked at.
 */
final readonly class ImportWork implements LongWork
{
    public function __construct(
        private ImportPreview $looking,
        private UploadedFiles $arriving,
    ) {}

    public function word(): string
    {
        return 'import';
    }

    public function do(array $asked, string $folder, JobProgress $progress): array
    {
        $sent = LooseData::of($asked);
        $file = $this->arriving->file($sent->raw('token')) ?? throw ArchiveUnreadable::noArchive();

        return ['to' => 'data', 'with' => [
            'taken' => $this->looking->take($file, $sent->list('take'), $sent->list('all'), $progress),
        ]];
    }
}
