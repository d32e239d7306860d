<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Rinkel\Core\Message;
use Rinkel\Core\Refusal;

/**
 * A copy of the database that could not be made or put back.
 */
final class BackupFailed extends Refusal
{
    public static function exists(string $file): self
    {
        return new self(new Message('backup-exists', ['file' => $file]));
    }

    public static function notWritable(string $file): self
    {
        return new self(new Message('backup-not-writable', ['file' => $file]));
    }

    public static function notThere(string $file): self
    {
        return new self(new Message('no-file', ['file' => $file]));
    }

    public static function damaged(string $file): self
    {
        return new self(new Message('database-damaged', ['file' => $file]));
    }

    public static function notOurs(string $file): self
    {
        return new self(new Message('database-not-ours', ['file' => $file]));
    }

    public static function newer(string $file): self
    {
        return new self(
            new Message('database-newer', ['file' => $file]),
        );
    }
}
