<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;

/**
 * Begins every transaction with one lock that all of them share, so that what is read within one is still so when it
 * writes: as it is with SQLite, whose transactions come one after the other.
 */
final class LockedTransactions extends AbstractConnectionMiddleware
{
    /** The number of the lock: "rinkel" in ASCII. */
    private const LOCK = 0x72696E6B656C;

    public function beginTransaction(): void
    {
        parent::beginTransaction();
        $this->exec('SELECT pg_advisory_xact_lock('.self::LOCK.')');
    }

    /**
     * Counts the change, so that pages on other devices notice it; in a database that counts already.
     */
    public function commit(): void
    {
        $this->exec(
            "DO $$ BEGIN IF to_regclass('change_stamp') IS NOT NULL THEN
                UPDATE change_stamp SET number = number + 1; END IF; END $$",
        );
        parent::commit();
    }
}
