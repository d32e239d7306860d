<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\Core\Hand\Observation;

/**
 * The log of finished pieces, in the database.
 */
final readonly class Log
{
    public const FORMAT = 'rinkel-log';
    public const VERSION = 1;

    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Randomizer $chance,
    ) {}

    /**
     * @param string $words to find, apart by spaces; all entries when empty
     *
     * @return list<Entry> finished last first
     */
    public function entries(string $words = ''): array
    {
        $query = $this->manager->createQueryBuilder()->select('entry')->from(StoredEntry::class, 'entry')
            ->orderBy('entry.finishedAt', 'DESC')->addOrderBy('entry.id', 'DESC');
        foreach (\array_slice(preg_split('/\s+/u', $words, flags: \PREG_SPLIT_NO_EMPTY) ?: [], 0, 8) as $i => $word) {
            $written = substr((string) json_encode($word), 1, -1);
            $query->andWhere('entry.document LIKE :word'.$i." ESCAPE '!'")
                ->setParameter('word'.$i, '%'.strtr($written, ['!' => '!!', '%' => '!%', '_' => '!_']).'%');
        }
        /** @var list<StoredEntry> $stored */
        $stored = $query->getQuery()->getResult();

        return array_map(static fn (StoredEntry $one): Entry => new Entry($one), $stored);
    }

    /**
     * Returns the whole log in the open format.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'entries' => array_map(static fn (Entry $entry): array => [
                'uid' => $entry->stored->uid(),
                'finished' => $entry->stored->finishedAt()->format(\DATE_ATOM),
            ] + $entry->stored->document(), $this->entries()),
        ];
    }

    public function has(string $uid): bool
    {
        return null !== $this->manager->getRepository(StoredEntry::class)->findOneBy(['uid' => $uid]);
    }

    public function find(int $id): ?Entry
    {
        $stored = $this->manager->find(StoredEntry::class, $id);

        return null === $stored ? null : new Entry($stored);
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
    public function add(array $document, ?string $uid = null, ?\DateTimeImmutable $finished = null): Entry
    {
        $stored = new StoredEntry(
            $document,
            $finished ?? $this->clock->now(),
            $uid ?? $this->newUid(),
        );
        $this->manager->persist($stored);
        $this->manager->flush();

        return new Entry($stored);
    }

    public function remove(Entry $entry): void
    {
        $this->manager->remove($entry->stored);
        $this->manager->flush();
    }

    /**
     * @return list<Observation> what all finished pieces told
     */
    public function observations(): array
    {
        return array_merge(
            ...array_map(static fn (Entry $entry): array => $entry->observations(), $this->entries()),
            ...[[]],
        );
    }
}
