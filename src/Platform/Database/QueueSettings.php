<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\AbstractSQLiteDriver;
use Doctrine\DBAL\Driver\Connection as DriverConnection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Sets the connection of the queue up: it waits for its turn beside the pages, and no page counts its looking as a
 * change.
 */
final class QueueSettings implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return $driver instanceof AbstractSQLiteDriver ? new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): DriverConnection
            {
                $connection = parent::connect($params);
                $connection->exec('PRAGMA busy_timeout = 30000');

                return $connection;
            }
        } : $driver;
    }
}
