<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Driver\Exception as DriverException;
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

    /**
     * Counts the change, so that pages on other devices notice it.
     */
    public function commit(): void
    {
        try {
            $this->exec('UPDATE change_stamp SET number = number + 1');
        } catch (DriverException) {
            // A database from before it was counted, about to be brought up to date.
        }
        parent::commit();
    }
}
