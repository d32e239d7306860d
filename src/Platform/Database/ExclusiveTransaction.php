<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/**
 * Does something to what is kept while nobody else can: all of it is kept, or none; what carries an id, once.
 */
final readonly class ExclusiveTransaction
{
    /** So long it is known what was done, in days; nobody sends a form again later. */
    private const KNOWN = 7;

    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {}

    /**
     * Within another it is a part of that: it fails by itself, and is kept only with the whole.
     *
     * @template T
     *
     * @param callable(): T $change
     * @param object|null   $stored what is changed, read again first; when null, all that was read is forgotten
     *
     * @return T
     */
    public function run(callable $change, ?object $stored = null): mixed
    {
        $connection = $this->manager->getConnection();
        $isPart = $connection->isTransactionActive();
        $connection->beginTransaction();
        try {
            if (!$isPart) {
                null === $stored ? $this->manager->clear() : $this->manager->refresh($stored);
            }
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

    /**
     * Keeps what was worked out, if what it rests on is still so: nobody else writes between the look and the write.
     *
     * @param callable(): bool $isStill
     * @param callable(): void $write
     *
     * @return bool whether it was kept; if not, all that was read is forgotten
     */
    public function keep(callable $isStill, callable $write): bool
    {
        $connection = $this->manager->getConnection();
        $connection->beginTransaction();
        try {
            if ($isStill()) {
                $write();
                $connection->commit();

                return true;
            }
        } catch (\Throwable $failure) {
            $connection->rollBack();
            $this->manager->clear();
            throw $failure;
        }
        $connection->rollBack();
        $this->manager->clear();

        return false;
    }

    /**
     * Does what was asked for, unless it was done already; what came of it is kept with it.
     *
     * @param string               $id     by which it is the same when it is sent again; "" for what is done each time
     * @param string               $asked  what is asked: the same id with something else to it is something else
     * @param callable(): T        $change
     * @param callable(T): ?string $told   by what the answer can be given again; null for a refusal, which may be tried
     *                                     again
     *
     * @template T
     *
     * @return T|string the answer, or by what it was told the first time
     */
    public function once(string $id, string $asked, callable $change, callable $told): mixed
    {
        return $this->run(function () use ($id, $asked, $change, $told): mixed {
            $connection = $this->manager->getConnection();
            $key = '' === $id ? '' : hash('xxh128', $id."\0".$asked);
            $known = '' === $key ? false : $connection->fetchOne(
                'SELECT answer FROM request_done WHERE id = ?',
                [$key],
            );
            if (\is_string($known)) {
                return $known;
            }
            $result = $change();
            $answer = '' === $key ? null : $told($result);
            if (null !== $answer) {
                $connection->insert('request_done', ['id' => $key, 'answer' => $answer, 'done_at' => $this->now()]);
            }

            return $result;
        });
    }

    /**
     * Forgets what was done long ago.
     */
    public function forget(): void
    {
        $this->manager->getConnection()->executeStatement(
            'DELETE FROM request_done WHERE done_at < ?',
            [$this->clock->now()->modify('-'.self::KNOWN.' days')->format('Y-m-d H:i:s')],
        );
    }

    private function now(): string
    {
        return $this->clock->now()->format('Y-m-d H:i:s');
    }
}
