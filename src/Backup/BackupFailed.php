<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

/**
 * A copy of the database that could not be made or put back.
 */
final class BackupFailed extends \RuntimeException
{
    public static function exists(string $file): self
    {
        return new self(\sprintf('There is a file %s already; give another name.', $file));
    }

    public static function notWritable(string $file): self
    {
        return new self(\sprintf('The folder of %s is not there or must not be written to.', $file));
    }

    public static function notThere(string $file): self
    {
        return new self(\sprintf('There is no readable file %s.', $file));
    }

    public static function damaged(string $file): self
    {
        return new self(\sprintf('%s is no sound database; nothing was changed.', $file));
    }

    public static function notOurs(string $file): self
    {
        return new self(\sprintf('%s is a database, but not one of Rinkel; nothing was changed.', $file));
    }

    public static function newer(string $file): self
    {
        return new self(
            \sprintf('%s was made by a newer Rinkel than this one; nothing was changed. Start that one.', $file),
        );
    }
}
