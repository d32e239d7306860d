<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Rinkel\Core\Refusal;
use Rinkel\Core\Said;

/**
 * A copy of the database that could not be made or put back.
 */
final class BackupFailed extends Refusal
{
    public static function exists(string $file): self
    {
        return new self(new Said('backup-exists', ['file' => $file]));
    }

    public static function notWritable(string $file): self
    {
        return new self(new Said('backup-not-writable', ['file' => $file]));
    }

    public static function notThere(string $file): self
    {
        return new self(new Said('no-file', ['file' => $file]));
    }

    public static function damaged(string $file): self
    {
        return new self(new Said('database-damaged', ['file' => $file]));
    }

    public static function notOurs(string $file): self
    {
        return new self(new Said('database-not-ours', ['file' => $file]));
    }

    public static function newer(string $file): self
    {
        return new self(
            new Said('database-newer', ['file' => $file]),
        );
    }
}
