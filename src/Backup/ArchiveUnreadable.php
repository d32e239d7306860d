<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Rinkel\Core\Refusal;
use Rinkel\Core\Said;

/**
 * A file that is no archive of Rinkel's.
 */
final class ArchiveUnreadable extends Refusal
{
    public static function noArchive(): self
    {
        return new self(new Said('no-archive'));
    }

    public static function newer(int $version): self
    {
        return new self(
            new Said('archive-newer', ['version' => $version, 'current' => Archive::VERSION]),
        );
    }

    public static function tooLarge(): self
    {
        return new self(new Said('archive-too-large'));
    }
}
