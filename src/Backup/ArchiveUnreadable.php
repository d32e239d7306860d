<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Rinkel\Core\Message;
use Rinkel\Core\Refusal;

/**
 * A file that is no archive of Rinkel's.
 */
final class ArchiveUnreadable extends Refusal
{
    public static function noArchive(): self
    {
        return new self(new Message('no-archive'));
    }

    public static function newer(int $version): self
    {
        return new self(
            new Message('archive-newer', ['version' => $version, 'current' => Archive::VERSION]),
        );
    }

    public static function tooLarge(): self
    {
        return new self(new Message('archive-too-large'));
    }
}
