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

    public static function notMade(string $where, string $why): self
    {
        return new self(new Message('database-not-made', ['file' => $where, 'why' => $why]));
    }

    public static function notEmpty(string $table): self
    {
        return new self(new Message('database-not-empty', ['table' => $table]));
    }

    public static function differs(string $table): self
    {
        return new self(new Message('database-differs', ['table' => $table]));
    }

    public static function newer(string $file): self
    {
        return new self(
            new Message('database-newer', ['file' => $file]),
        );
    }
}
