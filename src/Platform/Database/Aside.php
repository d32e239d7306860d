<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseException;

/**
 * What a page notes in passing, so that it need not be worked out again. Where there is no room for it, or nothing may
 * be written, the page is shown all the same: nobody is kept from reading.
 */
final readonly class Aside
{
    public function __construct(private Connection $connection) {}

    /**
     * @param array<string, mixed> $values by column
     * @param array<string, mixed> $where  by column
     *
     * @throws DatabaseException If it fails for another reason, or within a transaction, which a failure may have ended
     */
    public function note(string $table, array $values, array $where): void
    {
        try {
            $this->connection->update($table, $values, $where);
        } catch (DatabaseException $exception) {
            $mayWait = \in_array(
                StorageFailure::in($exception),
                [StorageFailure::Full, StorageFailure::ReadOnly, StorageFailure::Busy, StorageFailure::Disk],
                true,
            );
            if (!$mayWait || $this->connection->isTransactionActive()) {
                throw $exception;
            }
        }
    }
}
