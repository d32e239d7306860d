<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\ORM\EntityManagerInterface;

/**
 * Does something to what is kept while nobody else can: all of it is kept, or none.
 */
final readonly class Alone
{
    public function __construct(private EntityManagerInterface $manager) {}

    /**
     * @template T
     *
     * @param callable(): T $change
     * @param object|null   $stored what is changed, read anew first; when null, all that was read is forgotten
     *
     * @return T
     */
    public function do(callable $change, ?object $stored = null): mixed
    {
        $connection = $this->manager->getConnection();
        $connection->beginTransaction();
        try {
            null === $stored ? $this->manager->clear() : $this->manager->refresh($stored);
            $result = $change();
            $this->manager->flush();
            $connection->commit();

            return $result;
        } catch (\Throwable $failure) {
            $connection->rollBack();
            $this->manager->clear();
            throw $failure;
        }
    }
}
