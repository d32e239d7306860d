<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;

/**
 * Begins every transaction with the write lock, so that reading first and writing later never ends in "database is
 * locked".
 */
final class ImmediateTransactions extends AbstractConnectionMiddleware
{
    public function beginTransaction(): void
    {
        $this->exec('BEGIN IMMEDIATE');
    }
}
