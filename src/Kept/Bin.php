<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * Deletes things so that they can be had back: for DAYS days they lie here as they were.
 */
final readonly class Bin
{
    public const DAYS = 30;

    /** Rows of one page. */
    public const PAGE = 50;

    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Randomizer $chance,
        private Everything $everything,
        private ExclusiveTransaction $alone,
        private AllDerived $derived,
    ) {}

    /**
     * Deletes a thing.
     */
    public function put(Kept $kind, object $stored): StoredRemoval
    {
        $uid = $kind->row($stored)['uid'] ?? null;

        return $this->alone->run(function () use ($kind, $stored, $uid): StoredRemoval {
            // Read again, as nobody else can change it now.
            $stored = (\is_string($uid) ? $kind->find($uid) : null) ?? $stored;
            $removal = $this->note($kind, $stored);
            $kind->remove($stored);

            return $removal;
        });
    }

    /**
     * Writes down what a thing is before it is written over.
     */
    public function note(Kept $kind, object $stored): StoredRemoval
    {
        $row = $kind->row($stored);
        try {
            $name = $kind->read($row)->name;
        } catch (PieceUnreadable) {
            $name = '';
        }
        $removal = new StoredRemoval(
            bin2hex($this->chance->getBytes(16)),
            $kind->word(),
            \is_string($row['uid'] ?? null) ? $row['uid'] : '',
            mb_substr($name, 0, 200),
            $row,
            $this->clock->now(),
        );
        $this->manager->persist($removal);
        $this->manager->flush();

        return $removal;
    }

    public function find(string $uid): ?StoredRemoval
    {
        return $this->manager->getRepository(StoredRemoval::class)->findOneBy(['uid' => $uid]);
    }

    /**
     * @return list<StoredRemoval> removed last first
     */
    public function page(int $page): array
    {
        return $this->manager->getRepository(StoredRemoval::class)
            ->findBy([], ['removedAt' => 'DESC', 'uid' => 'ASC'], self::PAGE, self::PAGE * ($page - 1));
    }

    public function count(): int
    {
        return $this->manager->getRepository(StoredRemoval::class)->count();
    }

    /**
     * Puts a thing back as it was; what stands in its place by now comes here.
     *
     * @throws PieceUnreadable If it cannot be read
     */
    public function restore(StoredRemoval $removal): Kept
    {
        $kind = $this->everything->named($removal->kind) ?? throw new \LogicException('There is no such kind.');

        return $this->alone->run(function () use ($kind, $removal): Kept {
            $removal = $this->find($removal->uid) ?? $removal;
            $row = $kind->read($removal->row);
            $there = $kind->find($row->uid);
            if (null !== $there) {
                $this->note($kind, $there);
            }
            $kind->bring($row);
            $this->manager->remove($removal);
            $this->manager->flush();
            $this->derived->changed();

            return $kind;
        });
    }

    /**
     * Makes a thing what a row says.
     */
    public function bring(Kept $kind, Row $row): void
    {
        $this->alone->run(function () use ($kind, $row): void {
            $kind->bring($row);
            $this->manager->flush();
            $this->derived->changed();
        });
    }

    /**
     * Forgets what was removed more than DAYS days ago.
     */
    public function purge(): void
    {
        $this->manager->createQuery(\sprintf(
            'DELETE FROM %s removal WHERE removal.removedAt < :before',
            StoredRemoval::class,
        ))->setParameter('before', $this->clock->now()->modify('-'.self::DAYS.' days'))->execute();
    }
}
