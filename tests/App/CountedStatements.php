<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;
use Doctrine\DBAL\Driver\Result;
use Doctrine\DBAL\Driver\Statement;

/**
 * Counts what the database is asked.
 */
final class CountedStatements implements Middleware
{
    /** @var list<string> */
    private static array $asked = [];

    public static function add(string $sql): void
    {
        self::$asked[] = $sql;
    }

    /**
     * @return list<string> what was asked since the last time
     */
    public static function taken(): array
    {
        [$asked, self::$asked] = [self::$asked, []];

        return $asked;
    }

    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                return new class(parent::connect($params)) extends AbstractConnectionMiddleware {
                    public function prepare(string $sql): Statement
                    {
                        CountedStatements::add($sql);

                        return parent::prepare($sql);
                    }

                    public function query(string $sql): Result
                    {
                        CountedStatements::add($sql);

                        return parent::query($sql);
                    }
                };
            }
        };
    }
}
