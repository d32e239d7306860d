<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Driver\Exception as DriverException;
use Doctrine\DBAL\Exception as DatabaseException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\OptimisticLockException;
use League\Flysystem\FilesystemException;

/**
 * Why the database could not take or give something. Each has a sentence of its own in the translations, under
 * "storage".
 */
enum StorageFailure: string
{
    /** No room is left on the disk. */
    case Full = 'full';

    /** The file, or the folder it is in, must not be written to. */
    case ReadOnly = 'read-only';

    /** The file is no sound database. */
    case Malformed = 'malformed';

    /** Something else held on to it for too long. */
    case Busy = 'busy';

    /** The file cannot be opened. */
    case Closed = 'closed';

    /** The disk failed. */
    case Disk = 'disk';

    /** The store for photos does not answer, or takes nothing. */
    case Store = 'store';

    /** Somebody else changed the same thing a moment before. */
    case Meanwhile = 'meanwhile';

    /** It lacks what this Rinkel needs: it was never set up, or by another version. */
    case Other = 'other';

    /** Exceptions that say by themselves what it is; of others their words and codes say it. */
    private const KINDS = [
        UniqueConstraintViolationException::class => self::Meanwhile,
        OptimisticLockException::class => self::Meanwhile,
        FilesystemException::class => self::Store,
        DatabaseException::class => null,
        DriverException::class => null,
    ];

    /** Primary result codes of SQLite (its documentation, "Result and Error Codes"). */
    private const CODES = [
        5 => self::Busy,
        6 => self::Busy,
        8 => self::ReadOnly,
        10 => self::Disk,
        11 => self::Malformed,
        13 => self::Full,
        14 => self::Closed,
        26 => self::Malformed,
    ];

    private const WORDS = [
        'disk is full' => self::Full, 'readonly' => self::ReadOnly, 'malformed' => self::Malformed, 'not a database' => self::Malformed,
        'is locked' => self::Busy, 'lock timeout' => self::Busy,
        'could not connect' => self::Closed, 'Connection refused' => self::Closed,
        'No space left' => self::Full, 'read-only transaction' => self::ReadOnly,
        'unable to open' => self::Closed, 'disk I/O' => self::Disk,
    ];

    /**
     * Returns the failure of the database behind an exception, or null when it is about something else.
     */
    public static function in(\Throwable $exception): ?self
    {
        $found = null;
        for ($cause = $exception; null !== $cause; $cause = $cause->getPrevious()) {
            foreach (self::KINDS as $kind => $failure) {
                if (!is_a($cause, $kind)) {
                    continue;
                }
                if (null !== $failure) {
                    return $failure;
                }
                $found = self::named($cause) ?? $found ?? self::Other;
                break;
            }
        }

        return $found;
    }

    private static function named(\Throwable $cause): ?self
    {
        foreach (self::WORDS as $words => $failure) {
            if (str_contains($cause->getMessage(), $words)) {
                return $failure;
            }
        }

        return self::CODES[$cause->getCode() & 0xFF] ?? null;
    }
}
