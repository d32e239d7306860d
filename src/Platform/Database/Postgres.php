<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Driver\Connection as DriverConnection;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;
use Doctrine\DBAL\Platforms\PostgreSQLPlatform;

/**
 * Connects to PostgreSQL so that it does for Rinkel what SQLite does: whoever waits longer than five seconds is told
 * so, and times are in UTC.
 */
final class Postgres extends AbstractDriverMiddleware
{
    public function connect(#[\SensitiveParameter] array $params): DriverConnection
    {
        $connection = parent::connect($params);
        $connection->exec("SET lock_timeout = '5s'");
        $connection->exec("SET TIME ZONE 'UTC'");

        return new LockedTransactions($connection);
    }

    public static function is(Connection $connection): bool
    {
        return $connection->getDatabasePlatform() instanceof PostgreSQLPlatform;
    }
}
