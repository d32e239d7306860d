<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\AbstractPostgreSQLDriver;
use Doctrine\DBAL\Driver\AbstractSQLiteDriver;
use Doctrine\DBAL\Driver\Middleware;

/**
 * Sets every connection up for several writers. SQLite gets a write-ahead log, patience, foreign keys, and transactions
 * that take the write lock at once instead of failing halfway; PostgreSQL what comes to the same.
 *
 * An acknowledged save must survive a power cut, so synchronous is FULL.
 */
final class ConnectionSettings implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return match (true) {
            $driver instanceof AbstractSQLiteDriver => new SettledDriver($driver),
            $driver instanceof AbstractPostgreSQLDriver => new Postgres($driver),
            default => $driver,
        };
    }
}
