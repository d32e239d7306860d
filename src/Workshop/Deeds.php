<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\QueryBuilder;
use Psr\Clock\ClockInterface;

/**
 * The record of who did what in a workshop, for as long as it is kept.
 */
final readonly class Deeds
{
    /** Deeds of one page. */
    public const PAGE = 60;

    /** Days for which they are kept: a year and what it takes to close its books. */
    public const DAYS = 400;

    /** Seconds within which the same is one deed. */
    private const SAME = 3600;

    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {}

    /**
     * Notes a deed; the caller is within a transaction.
     */
    public function note(Member $who, string $what, string $thing, string $name): void
    {
        $now = $this->clock->now()->getTimestamp();
        $last = $this->manager->getRepository(StoredDeed::class)->findOneBy(
            ['uid' => $who->uid(), 'what' => $what, 'thing' => $thing],
            ['id' => 'DESC'],
        );
        if (null !== $last && $last->at() > $now - self::SAME) {
            $last->again($now);
        } else {
            $name = mb_substr($name, 0, StoredDeed::LONGEST);
            $this->manager->persist(new StoredDeed($now, $who->uid(), $who->name(), $what, $thing, $name));
        }
        $this->manager->flush();
    }

    /**
     * @param string $uid of whose deeds; "" for everybody's
     *
     * @return list<StoredDeed> the last first
     */
    public function page(string $uid, int $page): array
    {
        /** @var list<StoredDeed> */
        return $this->asked($uid)->select('deed')->orderBy('deed.at', 'DESC')->addOrderBy('deed.id', 'DESC')
            ->setFirstResult(self::PAGE * ($page - 1))->setMaxResults(self::PAGE)->getQuery()->getResult();
    }

    public function count(string $uid): int
    {
        return (int) $this->asked($uid)->select('COUNT(deed.id)')->getQuery()->getSingleScalarResult();
    }

    /**
     * @return iterable<StoredDeed> all of them, the first first
     */
    public function all(): iterable
    {
        foreach ($this->asked('')->select('deed')->orderBy('deed.at')->addOrderBy('deed.id')->getQuery()
            ->toIterable() as $deed) {
            \assert($deed instanceof StoredDeed);
            yield $deed;
            $this->manager->detach($deed);
        }
    }

    /**
     * Returns the last that was done to a thing.
     */
    public function last(string $thing): ?StoredDeed
    {
        return $this->manager->getRepository(StoredDeed::class)
            ->findOneBy(['thing' => $thing], ['at' => 'DESC', 'id' => 'DESC']);
    }

    /**
     * Forgets what was done long ago.
     */
    public function forget(): void
    {
        $this->manager->createQuery(\sprintf('DELETE FROM %s deed WHERE deed.at < :until', StoredDeed::class))
            ->execute(['until' => $this->clock->now()->getTimestamp() - 86400 * self::DAYS]);
    }

    private function asked(string $uid): QueryBuilder
    {
        $asked = $this->manager->createQueryBuilder()->from(StoredDeed::class, 'deed');

        return '' === $uid ? $asked : $asked->where('deed.uid = :uid')->setParameter('uid', $uid);
    }
}
