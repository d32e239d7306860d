<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

/**
 * A file that is no archive of Rinkel's.
 */
final class ArchiveUnreadable extends \RuntimeException
{
    public static function noArchive(): self
    {
        return new self('This is no archive that Rinkel saved; nothing was changed.');
    }

    public static function newer(int $version): self
    {
        return new self(
            \sprintf(
                'This archive is of version %d; this Rinkel reads up to %d. Nothing was changed.',
                $version,
                Archive::VERSION,
            ),
        );
    }

    public static function tooLarge(): self
    {
        return new self('This archive unpacks to more than Rinkel takes; nothing was changed.');
    }
}
