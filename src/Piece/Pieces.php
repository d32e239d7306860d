<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\FormatUpgrades;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;

/**
 * The maker's pieces in the database, each with what it was before.
 */
final readonly class Pieces
{
    /** Days after which what was deleted for good is gone. */
    public const GRACE = 30;

    /** Older states are forgotten. */
    public const STATES = 300;

    /** So often an edit is worked out over a piece that others change meanwhile; then while nobody else can. */
    private const TRIES = 3;

    /** @var \WeakMap<StoredPiece, array{array<mixed>, PieceSpec}> documents as they were read last */
    private \WeakMap $read;

    /** @var \WeakMap<StoredPiece, PendingEdit> what is worked out of pieces and not kept yet */
    private \WeakMap $pending;

    public function __construct(
        private EntityManagerInterface $manager,
        private PieceReader $reader,
        private PieceWriter $writer,
        private ClockInterface $clock,
        private Randomizer $chance,
        private ExclusiveTransaction $alone,
    ) {
        $this->read = new \WeakMap();
        $this->pending = new \WeakMap();
    }

    /**
     * Does something to a piece while nobody else can: all of it is kept, or none.
     *
     * @template T
     *
     * @param callable(StoredPiece): T $change of the piece as it is by now; keeps what it did by flush()
     *
     * @return T
     */
    public function alone(StoredPiece $stored, callable $change): mixed
    {
        return $this->alone->run(static fn (): mixed => $change($stored), $stored);
    }

    /**
     * Works out what becomes of a piece, and keeps it when nobody changed the piece meanwhile: all of it, or none.
     * Others wait only while it is written.
     *
     * @template T
     *
     * @param callable(StoredPiece, PendingEdit): T $change of the piece as it is by now, worked out anew when somebody
     *                                                      was faster
     *
     * @return T
     */
    public function workedOut(StoredPiece $stored, callable $change): mixed
    {
        $id = $stored->id();
        for ($try = 0; $try < self::TRIES; ++$try) {
            $now = $this->manager->contains($stored) && 0 === $try ? $stored : $this->found($id);
            $this->pending[$now] = $edit = new PendingEdit();
            $now->isWorkedOut();
            try {
                $result = $change($now, $edit);
                if ($this->keep($now, $edit)) {
                    return $result;
                }
            } catch (\Throwable $failure) {
                $this->manager->clear();
                throw $failure;
            } finally {
                unset($this->pending[$now]);
                $now->isKept();
            }
        }

        return $this->alone($this->found($id), static function (StoredPiece $now) use ($change): mixed {
            $result = $change($now, $edit = new PendingEdit());
            foreach ($edit->also as $then) {
                $then();
            }

            return $result;
        });
    }

    /**
     * @return bool false when somebody changed the piece meanwhile; then nothing is kept
     */
    private function keep(StoredPiece $stored, PendingEdit $edit): bool
    {
        $version = $stored->keptVersion();
        $isStill = fn (): bool => $version === $this->manager->getConnection()->fetchOne(
            'SELECT version FROM piece WHERE id = ?',
            [$stored->id()],
        );

        return $this->alone->keep($isStill, function () use ($stored, $edit): void {
            foreach ($edit->gone as [$which, $number]) {
                $this->drop($stored, $which, $number);
            }
            $this->manager->flush();
            $stored->isKept();
            foreach ($edit->also as $then) {
                $then();
            }
        });
    }

    private function found(int $id): StoredPiece
    {
        return $this->find($id) ?? throw new \LogicException('The piece was here a moment ago.');
    }

    /**
     * Writes what was done, unless it is only worked out yet.
     */
    public function flush(StoredPiece $stored): void
    {
        if (!isset($this->pending[$stored])) {
            $this->manager->flush();
        }
    }

    /**
     * @param int|null $most of them; all when null
     *
     * @return list<StoredPiece> last changed first
     */
    public function onTheTable(?int $most = null): array
    {
        return $this->all(archived: false, most: $most);
    }

    /**
     * @return list<StoredPiece> last changed first
     */
    public function archived(): array
    {
        return $this->all(archived: true);
    }

    public function find(int $id): ?StoredPiece
    {
        return $this->manager->find(StoredPiece::class, $id);
    }

    public function piece(StoredPiece $stored): PieceSpec
    {
        [$document, $piece] = $this->read[$stored] ?? [null, null];
        if (null === $piece || $document !== $stored->document()) {
            $piece = $this->reader->read($stored->document());
            $this->read[$stored] = [$stored->document(), $piece];
        }

        return $piece;
    }

    /**
     * @param array<string, string> $draft what was typed and cannot be read yet, by field
     *
     * @throws PieceUnreadable If it could not be read again
     */
    public function add(PieceSpec $piece, array $draft = [], ?string $uid = null): StoredPiece
    {
        $document = $this->document($piece);
        $stored = new StoredPiece($document, $this->clock->now(), $uid ?? bin2hex($this->chance->getBytes(16)));
        $stored->keepDraft($draft, $this->clock->now());
        $this->manager->persist($stored);
        $this->manager->persist(new PieceState($stored, 0, $document, '', $this->clock->now()));
        $this->manager->flush();

        return $stored;
    }

    /**
     * Decides a piece again; to be called alone().
     *
     * @param string $stroke typing that goes on in one step; "" for a step of its own
     *
     * @throws PieceUnreadable If it could not be read again
     */
    public function save(StoredPiece $stored, PieceSpec $piece, string $stroke): void
    {
        $document = $this->writer->write($piece);
        if ($document === $stored->document()) {
            return;
        }
        $this->read[$stored] = [$document, $this->reader->read($document)];
        $this->forget($stored, 'state.number > :number', $stored->state());
        $state = $stored->state();
        $last = $this->state($stored, $state);
        if (null === $last) {
            $this->lay(new PieceState($stored, $state, $stored->document(), '', $stored->changedAt()));
        }
        if (true !== $last?->goesOn($document, $stroke, $this->clock->now())) {
            $this->lay(new PieceState($stored, ++$state, $document, $stroke, $this->clock->now()));
            $this->forget($stored, 'state.number < :number', $state - self::STATES);
        }
        $stored->decide($document, $this->clock->now(), $state);
        $this->flush($stored);
    }

    /**
     * @return list<StoredPiece> on the table, that can be read and are in another unit; what is typed but not taken yet
     *                           stays as it was typed
     */
    public function inOtherUnits(Unit $unit): array
    {
        return array_values(array_filter($this->onTheTable(), function (StoredPiece $stored) use ($unit): bool {
            try {
                return [] === $stored->draft() && $unit !== $this->piece($stored)->unit;
            } catch (PieceUnreadable) {
                return false; // its own page says what is wrong with it
            }
        }));
    }

    /**
     * Has all of those in that unit from now on, each in a step that can be undone.
     */
    public function allIn(Unit $unit): void
    {
        foreach ($this->inOtherUnits($unit) as $stored) {
            $this->alone($stored, fn () => $this->save($stored, $this->piece($stored)->withUnit($unit), ''));
        }
    }

    /**
     * Puts texts into a piece that cannot be read, where something stands; keeps it once it can be.
     *
     * @param array<string, string> $texts by path
     *
     * @return array<string, non-empty-list<Fault>> what is still wrong, by path
     */
    public function mend(StoredPiece $stored, array $texts): array
    {
        $document = FormatUpgrades::upgrade($stored->document());
        foreach ($texts as $path => $text) {
            $document = self::put($document, explode('.', $path), $text);
        }
        try {
            $this->save($stored, $this->reader->read($document), '');

            return [];
        } catch (PieceUnreadable $unreadable) {
            return PieceForm::byField($unreadable->faults);
        }
    }

    /**
     * @param array<mixed> $document
     * @param list<string> $steps
     *
     * @return array<mixed>
     */
    private static function put(array $document, array $steps, string $text): array
    {
        $step = array_shift($steps);
        if (null === $step || !\array_key_exists($step, $document)) {
            return $document;
        }
        $there = $document[$step];
        $document[$step] = \is_array($there) ? ([] === $steps ? $there : self::put($there, $steps, $text)) : $text;

        return $document;
    }

    /**
     * Goes back to what the piece was before the last change, or forward again; says whether there was anything. To be
     * called alone().
     */
    public function step(StoredPiece $stored, int $by): bool
    {
        $state = $this->state($stored, $stored->state() + $by);
        try {
            $this->reader->read($state?->document() ?? []);
        } catch (PieceUnreadable) {
            return false; // there is none, or none that a page could show
        }
        if (null !== $state) {
            $stored->decide($state->document(), $this->clock->now(), $state->number());
            $this->flush($stored);
        }

        return null !== $state;
    }

    /**
     * Returns what is kept of a piece, once it was read back.
     *
     * @return array<string, mixed>
     *
     * @throws PieceUnreadable If it cannot be
     */
    private function document(PieceSpec $piece): array
    {
        $document = $this->writer->write($piece);
        $this->reader->read($document);

        return $document;
    }

    /**
     * Returns whether there is anything to undo, and to do again.
     *
     * @return array{bool, bool}
     */
    public function steps(StoredPiece $stored): array
    {
        $edit = $this->pending[$stored] ?? null;
        $numbers = $this->manager->createQuery(\sprintf(
            'SELECT state.number FROM %s state WHERE state.piece = :piece AND state.number IN (:near)',
            PieceState::class,
        ))->setParameter('piece', $stored)->setParameter(
            'near',
            [$stored->state() - 1, $stored->state() + 1],
        )->getSingleColumnResult();

        $numbers = [
            ...array_filter(
                $numbers,
                static fn (mixed $of): bool => null === $edit || (\is_int($of) && $edit->has($of)),
            ),
            ...array_keys($edit->states ?? []),
        ];

        return [\in_array($stored->state() - 1, $numbers, true), \in_array($stored->state() + 1, $numbers, true)];
    }

    /**
     * Keeps what was typed and cannot be read yet; to be called alone().
     *
     * @param array<string, string> $texts by field
     */
    public function keepDraft(StoredPiece $stored, array $texts): void
    {
        $stored->keepDraft($texts, $this->clock->now());
    }

    public function withUid(string $uid): ?StoredPiece
    {
        return $this->manager->getRepository(StoredPiece::class)->findOneBy(['uid' => $uid]);
    }

    /**
     * Makes a piece what it is in another copy of the maker's data, which can be undone.
     *
     * @param array<string, string> $draft what was typed and cannot be read yet, by field
     */
    public function becomes(StoredPiece $stored, PieceSpec $piece, array $draft, ?\DateTimeImmutable $putAway): void
    {
        $this->alone($stored, function (StoredPiece $now) use ($piece, $draft, $putAway): void {
            $this->save($now, $piece, '');
            $this->keepDraft($now, $draft);
            $now->restore();
            if (null !== $putAway) {
                $now->archive($putAway);
            }
        });
    }

    /**
     * Returns whether an equal piece lies on the Table.
     */
    public function has(PieceSpec $piece): bool
    {
        $document = $this->writer->write($piece);

        return [] !== $this->manager->createQuery(\sprintf(
            'SELECT piece.id FROM %s piece WHERE piece.document = :document AND piece.archivedAt IS NULL',
            StoredPiece::class,
        ))->setParameter('document', $document, Types::JSON)->setMaxResults(1)->getResult();
    }

    /**
     * Lays a second piece like this one beside it, with what was typed and cannot be read yet.
     */
    public function duplicate(StoredPiece $stored): StoredPiece
    {
        $piece = $this->piece($stored);

        return $this->add($piece->renamed($this->freeName($piece->name)), $stored->draft());
    }

    /**
     * Returns a name like $name that no piece has: "Harbour rail 2, for Ottoline".
     */
    public function freeName(string $name): string
    {
        preg_match('/^(.*?)(?: \d{1,4})?(,.*)?$/us', $name, $match);
        [$stem, $rest] = [mb_substr($match[1] ?? $name, 0, 60), $match[2] ?? ''];
        $taken = $this->manager->getConnection()->fetchFirstColumn(
            "SELECT json_extract(document, '$.name') FROM piece
                WHERE json_valid(document) AND json_extract(document, '$.name') LIKE ? ESCAPE '!'",
            [strtr($stem, ['!' => '!!', '%' => '!%', '_' => '!_']).'%'],
        );
        $free = $name;
        for ($i = 2; \in_array($free, $taken, true); ++$i) {
            $free = mb_substr($stem.' '.$i.$rest, 0, 80);
        }

        return $free;
    }

    public function archive(StoredPiece $stored): void
    {
        $stored->archive($this->clock->now());
        $this->manager->flush();
    }

    /**
     * Marks a piece to be deleted for good; for GRACE days it can be had back.
     */
    public function discard(StoredPiece $stored): void
    {
        $stored->discard($this->clock->now());
        $this->manager->flush();
    }

    /**
     * Deletes for good what was marked so long ago, with its history.
     *
     * @return int how many
     */
    public function purge(): int
    {
        $before = $this->clock->now()->modify('-'.self::GRACE.' days');
        $gone = $this->manager->createQuery(
            \sprintf('SELECT piece FROM %s piece WHERE piece.discardedAt < :before', StoredPiece::class),
        )
            ->setParameter('before', $before)->getResult();
        \assert(\is_array($gone));
        foreach ($gone as $piece) {
            \assert($piece instanceof StoredPiece);
            $this->delete($piece);
        }

        return \count($gone);
    }

    /**
     * Deletes a piece for good, with its history.
     */
    public function delete(StoredPiece $stored): void
    {
        $this->manager->createQuery(\sprintf('DELETE FROM %s state WHERE state.piece = :piece', PieceState::class))
            ->setParameter('piece', $stored)->execute();
        $this->manager->remove($stored);
        $this->manager->flush();
    }

    public function restore(StoredPiece $stored): void
    {
        $stored->restore();
        $this->manager->flush();
    }

    private function state(StoredPiece $stored, int $number): ?PieceState
    {
        $edit = $this->pending[$stored] ?? null;
        if (null !== $edit && (isset($edit->states[$number]) || !$edit->has($number))) {
            return $edit->states[$number] ?? null;
        }

        return $this->manager->getRepository(PieceState::class)->findOneBy(['piece' => $stored, 'number' => $number]);
    }

    private function lay(PieceState $state): void
    {
        $this->manager->persist($state);
        $edit = $this->pending[$state->piece()] ?? null;
        if (null !== $edit) {
            $edit->states[$state->number()] = $state;
        }
    }

    private function forget(StoredPiece $stored, string $which, int $number): void
    {
        $edit = $this->pending[$stored] ?? null;
        if (null === $edit) {
            $this->drop($stored, $which, $number);

            return;
        }
        $edit->gone[] = [$which, $number];
        if (str_contains($which, '>')) {
            array_map($this->manager->detach(...), $edit->forgetAfter($number));
        }
    }

    private function drop(StoredPiece $stored, string $which, int $number): void
    {
        $this->manager->createQuery(
            \sprintf('DELETE FROM %s state WHERE state.piece = :piece AND %s', PieceState::class, $which),
        )
            ->setParameter('piece', $stored)->setParameter('number', $number)->execute();
    }

    /**
     * @return list<StoredPiece>
     */
    private function all(bool $archived, ?int $most = null): array
    {
        $query = $this->manager->createQuery(\sprintf(
            'SELECT piece FROM %s piece WHERE piece.archivedAt IS %s NULL ORDER BY piece.changedAt DESC, piece.id DESC',
            StoredPiece::class,
            $archived ? 'NOT' : '',
        ));

        /** @var list<StoredPiece> */
        return $query->setMaxResults($most)->getResult();
    }
}
