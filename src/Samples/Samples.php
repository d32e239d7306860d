<?php

declare(strict_types=1);

namespace Rinkel\App\Samples;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Kept\Derived;
use Rinkel\App\Log\Log;
use Rinkel\App\Piece\Evidence;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Workshop\Personal;
use Rinkel\App\Workshop\Workshop;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\SampleReader;
use Symfony\Contracts\Service\ResetInterface;

/**
 * The maker's samples, in the database, and what they say of their hand.
 */
final class Samples implements Derived, Evidence, Personal, ResetInterface
{
    private const MEMORY = 'rinkel.hand';

    private ?Hand $hand = null;
    private ?Hand $whole = null;

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly ClockInterface $clock,
        private readonly Randomizer $chance,
        private readonly SampleReader $reader,
        private readonly Log $log,
        private readonly CacheItemPoolInterface $memory,
        private readonly Workshop $workshop,
    ) {}

    public function reset(): void
    {
        [$this->hand, $this->whole] = [null, null];
    }

    /**
     * @return list<StoredSample> of whoever asks, last taken first
     */
    public function all(): array
    {
        /** @var list<StoredSample> */
        return $this->manager->createQuery(\sprintf(
            "SELECT sample FROM %s sample WHERE sample.madeBy IN ('', :me) OR :me = ''
                ORDER BY sample.takenAt DESC, sample.id DESC",
            StoredSample::class,
        ))->execute(['me' => $this->workshop->myUid()]);
    }

    /**
     * Returns a sample of whoever asks.
     */
    public function find(int $id): ?StoredSample
    {
        $stored = $this->manager->find(StoredSample::class, $id);
        $me = $this->workshop->myUid();

        return '' === $me || \in_array($stored?->madeBy(), ['', $me], true) ? $stored : null;
    }

    /**
     * @param array<mixed> $document as the reader took it
     */
    public function add(
        array $document,
        ?string $uid = null,
        ?\DateTimeImmutable $taken = null,
        bool $aside = false,
    ): StoredSample {
        $stored = new StoredSample(
            $document,
            $taken ?? $this->clock->now(),
            $uid ?? bin2hex($this->chance->getBytes(16)),
            $this->workshop->myUid(),
        );
        $stored->put($aside);
        $this->manager->persist($stored);
        $this->kept();

        return $stored;
    }

    public function put(StoredSample $stored, bool $aside): void
    {
        $stored->put($aside);
        $this->kept();
    }

    /**
     * Returns what is known of the maker's hand as plans need it; whole() has what it is known by as well.
     */
    public function hand(): Hand
    {
        return $this->hand ??= $this->remembered();
    }

    /**
     * Returns what is known of the hand as it was worked out last, as long as samples and log are what they were then:
     * every edit asks for it, and reading them all takes longer than planning a small piece.
     */
    private function remembered(): Hand
    {
        $state = $this->evidence();
        $kept = $this->memory->getItem(self::MEMORY.$this->workshop->myUid());
        $known = $kept->isHit() ? $kept->get() : null;
        if (\is_array($known) && $state === ($known[0] ?? null) && ($known[1] ?? null) instanceof Hand) {
            return $known[1];
        }
        $hand = $this->whole()->settled();
        $this->memory->save($kept->set([$state, $hand]));

        return $hand;
    }

    /**
     * Returns by what samples and log are told from what they were before, whatever is made of them.
     */
    public function evidence(): string
    {
        $connection = $this->manager->getConnection();
        $me = $this->workshop->myUid();

        return hash('xxh128', (string) json_encode([
            $connection->fetchAllNumeric(
                "SELECT uid, aside, document FROM sample WHERE made_by IN ('', ?) OR ? = ''
                    ORDER BY taken_at DESC, id DESC",
                [$me, $me],
            ),
            // What is in an entry is never changed: it is another then.
            $connection->fetchNumeric(
                'SELECT COUNT(*), MAX(id), (SELECT uid FROM log_entry ORDER BY id DESC LIMIT 1) FROM log_entry',
            ),
            ...('' === $me ? [] : [$me]),
        ]));
    }

    /**
     * Returns all that is known, with all that it is known by.
     */
    public function whole(): Hand
    {
        return $this->whole ??= $this->without(null);
    }

    /**
     * Returns what would be known of it without one of the samples.
     */
    public function without(?StoredSample $left): Hand
    {
        $samples = [];
        foreach ($this->all() as $stored) {
            if (!$stored->isAside() && $stored !== $left) {
                try {
                    $samples[$stored->uid()] = $this->reader->read($stored->document());
                } catch (PieceUnreadable) {
                    // It is listed with what is wrong with it, and believed no more.
                }
            }
        }

        return Hand::from($samples, $this->log->observations($this->workshop->myUid()));
    }

    /**
     * Forgets what was known of the hand, as often as it may be: changed() once it is settled.
     */
    public function forget(): void
    {
        $this->reset();
        $this->memory->deleteItem(self::MEMORY.$this->workshop->myUid());
    }

    /**
     * Notes that what is known of the hand is known otherwise now.
     */
    public function changed(): void
    {
        $this->forget();
        // How pieces stand may have changed with it: the Table looks again.
        $this->manager->createQuery(\sprintf('UPDATE %s piece SET piece.stands = NULL', StoredPiece::class))->execute();
    }

    /**
     * Returns by what drawings and plans of one state of the samples are told from those of another.
     */
    public function mark(): string
    {
        return $this->hand()->isBlank() ? '' : $this->evidence();
    }

    public function pass(string $from, string $to): void
    {
        $this->manager->createQuery(
            \sprintf('UPDATE %s sample SET sample.madeBy = :to WHERE sample.madeBy = :from', StoredSample::class),
        )->execute(compact('from', 'to'));
        $this->changed();
    }

    private function kept(): void
    {
        $this->manager->flush();
        $this->changed();
    }
}
