<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Middleware;

/**
 * Sets every SQLite connection up for several writers: write-ahead log, patience, foreign keys, and transactions that
 * take the write lock at once instead of failing halfway.
 *
 * An acknowledged save must survive a power cut, so synchronous is FULL.
 */
final class SqliteSettings implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new SettledDriver($driver);
    }
}
