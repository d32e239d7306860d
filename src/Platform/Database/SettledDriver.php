<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Driver\Connection as DriverConnection;
use Doctrine\DBAL\Driver\Exception as DriverException;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Connects to SQLite as Rinkel wants it: nothing acknowledged is lost, and the file is for its owner only.
 */
final class SettledDriver extends AbstractDriverMiddleware
{
    public function connect(#[\SensitiveParameter] array $params): DriverConnection
    {
        self::hide($params['path'] ?? null);
        $connection = parent::connect($params);
        try {
            self::settle($connection, 'NORMAL');
        } catch (DriverException $exception) {
            // What connections share lies in a file of 32 KiB beside the database, for which a full disk has no
            // room. Alone with the database, one does without: reading goes on, by turns.
            if (!\in_array(
                StorageFailure::in($exception),
                [StorageFailure::Disk, StorageFailure::Full],
                true,
            )) {
                throw $exception;
            }
            unset($exception);
            $native = $connection->getNativeConnection();
            \assert($native instanceof \SQLite3);
            $native->close();
            $connection = parent::connect($params);
            self::settle($connection, 'EXCLUSIVE');
        }

        return new ImmediateTransactions($connection);
    }

    private static function settle(DriverConnection $connection, string $locking): void
    {
        foreach ([
            'busy_timeout = 5000',
            'locking_mode = '.$locking,
            'journal_mode = WAL',
            'synchronous = FULL',
            'foreign_keys = ON',
        ] as $pragma) {
            $connection->exec('PRAGMA '.$pragma);
        }
    }

    /**
     * A maker's data are for its owner only; what SQLite keeps beside the file follows it.
     */
    private static function hide(mixed $file): void
    {
        if (!\is_string($file)) {
            return;
        }
        if (!is_file($file) && is_writable(\dirname($file))) {
            touch($file);
        }
        if (is_file($file) && 0 !== (fileperms($file) & 0o077)) {
            @chmod($file, 0o600);
        }
    }
}
