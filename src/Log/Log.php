<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\QueryBuilder;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Workshop\Personal;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\FinishedPiece;
use Rinkel\Core\Piece\LogReader;

/**
 * The log of finished pieces, in the database.
 */
final readonly class Log implements Personal
{
    /** Entries of one page. */
    public const PAGE = 30;

    /** So many are drawn as figures: the last. */
    private const DRAWN = 100;

    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Randomizer $chance,
        private LogReader $reader,
        private Photos $photos,
    ) {}

    /**
     * @param string $words to find, apart by spaces; all entries when empty
     * @param int    $page  from 1
     *
     * @return list<LogEntry> finished last first
     */
    public function entries(string $words = '', int $page = 1): array
    {
        /** @var list<StoredEntry> $stored */
        $stored = $this->asked($words)->select('entry')
            ->orderBy('entry.finishedAt', 'DESC')->addOrderBy('entry.id', 'DESC')
            ->setFirstResult(self::PAGE * ($page - 1))->setMaxResults(self::PAGE)->getQuery()->getResult();

        $photos = $this->photos->among(array_map(static fn (StoredEntry $one): string => $one->uid(), $stored));

        return array_map(
            fn (StoredEntry $one): LogEntry => $this->entry($one, isset($photos[$one->uid()])),
            $stored,
        );
    }

    public function count(string $words = ''): int
    {
        return (int) $this->asked($words)->select('COUNT(entry.id)')->getQuery()->getSingleScalarResult();
    }

    /**
     * Returns the last pieces as far as they can be read, the oldest first.
     *
     * @return list<FinishedPiece>
     */
    public function last(): array
    {
        /** @var list<StoredEntry> $stored */
        $stored = $this->asked('')->select('entry')->orderBy('entry.finishedAt', 'DESC')
            ->addOrderBy('entry.id', 'DESC')->setMaxResults(self::DRAWN)->getQuery()->getResult();
        $read = array_map(fn (StoredEntry $one): ?FinishedPiece => $this->entry($one, false)->is, $stored);

        return array_values(array_reverse(array_filter($read)));
    }

    /**
     * Returns all entries, one after the other, finished last first; none is held on to.
     *
     * @return iterable<LogEntry>
     */
    public function all(): iterable
    {
        $query = $this->asked('')->select('entry')->orderBy('entry.finishedAt', 'DESC')
            ->addOrderBy('entry.id', 'DESC')->getQuery();
        foreach ($query->toIterable() as $stored) {
            \assert($stored instanceof StoredEntry);
            yield $this->entry($stored);
            $this->manager->detach($stored);
        }
    }

    public function find(int $id): ?LogEntry
    {
        $stored = $this->manager->find(StoredEntry::class, $id);

        return null === $stored ? null : $this->entry($stored);
    }

    public function withUid(string $uid): ?LogEntry
    {
        $stored = $this->manager->getRepository(StoredEntry::class)->findOneBy(['uid' => $uid]);

        return null === $stored ? null : $this->entry($stored);
    }

    /**
     * Returns by what a new entry can be called.
     */
    public function newUid(): string
    {
        return bin2hex($this->chance->getBytes(16));
    }

    /**
     * @param array<string, mixed> $document
     */
    public function add(array $document, string $uid, string $madeBy = ''): void
    {
        $this->manager->persist(new StoredEntry($document, $this->clock->now(), $uid, $madeBy));
        $this->manager->flush();
    }

    /**
     * @param string $madeBy uid of a member; "" for all
     *
     * @return list<Observation> what finished pieces told of their hand
     */
    public function observations(string $madeBy = ''): array
    {
        // Of each no more than that: plans ask for it, and an entry is many times as long.
        $rows = $this->manager->getConnection()->iterateKeyValue(
            "SELECT uid, json_extract(document, '$.observations') FROM log_entry
                WHERE json_valid(document) AND (made_by IN ('', ?) OR ? = '') ORDER BY finished_at DESC, id DESC",
            [$madeBy, $madeBy],
        );
        $told = [];
        foreach ($rows as $uid => $json) {
            $told[] = $this->reader->told(
                \is_string($json) ? json_decode($json, true) : null,
                \is_string($uid) ? $uid : '',
            );
        }

        return array_merge(...$told, ...[[]]);
    }

    public function pass(string $from, string $to): void
    {
        $this->manager->createQuery(
            \sprintf('UPDATE %s entry SET entry.madeBy = :to WHERE entry.madeBy = :from', StoredEntry::class),
        )->execute(compact('from', 'to'));
    }

    private function entry(StoredEntry $stored, ?bool $hasPhoto = null): LogEntry
    {
        try {
            $is = $this->reader->read($stored->document(), $stored->uid());

            return new LogEntry($stored, $is, $hasPhoto ?? $this->photos->has($stored->uid()));
        } catch (PieceUnreadable $unreadable) {
            return new LogEntry($stored, null, faults: $unreadable->faults);
        }
    }

    private function asked(string $words): QueryBuilder
    {
        $query = $this->manager->createQueryBuilder()->from(StoredEntry::class, 'entry');
        foreach (\array_slice(preg_split('/\s+/u', $words, flags: \PREG_SPLIT_NO_EMPTY) ?: [], 0, 8) as $i => $word) {
            $written = strtolower(substr((string) json_encode($word), 1, -1));
            $query->andWhere('FOLDED(entry.document) LIKE :word'.$i." ESCAPE '!'")
                ->setParameter('word'.$i, '%'.strtr($written, ['!' => '!!', '%' => '!%', '_' => '!_']).'%');
        }

        return $query;
    }
}
