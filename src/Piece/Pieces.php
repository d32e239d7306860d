<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rinkel\App\Entity\PieceState;
use Rinkel\App\Entity\StoredPiece;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;

/**
 * The maker's pieces in the database, each with what it was before.
 */
final readonly class Pieces
{
    /** Older states are forgotten. */
    private const STATES = 300;

    public function __construct(
        private EntityManagerInterface $manager,
        private PieceReader $reader,
        private PieceWriter $writer,
        private ClockInterface $clock,
    ) {}

    /**
     * @return list<StoredPiece> last changed first
     */
    public function onTheTable(): array
    {
        return $this->all(archived: false);
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

    public function piece(StoredPiece $stored): Piece
    {
        return $this->reader->read($stored->document());
    }

    public function add(Piece $piece): StoredPiece
    {
        $document = $this->writer->write($piece);
        $stored = new StoredPiece($document, $this->clock->now());
        $this->manager->persist($stored);
        $this->manager->persist(new PieceState($stored, 0, $document, '', $this->clock->now()));
        $this->manager->flush();

        return $stored;
    }

    /**
     * @param string $what was changed; "" for what always is a change of its own
     *
     * @throws \Doctrine\ORM\OptimisticLockException If somebody else saved the piece meanwhile
     */
    public function save(StoredPiece $stored, Piece $piece, string $what): void
    {
        $document = $this->writer->write($piece);
        if ($document !== $stored->document()) {
            $this->forget($stored, 'state.number > :number', $stored->state());
            $last = $this->state($stored, $stored->state());
            $state = $stored->state();
            if (0 === $state || true !== $last?->goesOn($document, $what, $this->clock->now())) {
                $this->manager->persist(new PieceState($stored, ++$state, $document, mb_substr($what, 0, 255), $this->clock->now()));
                $this->forget($stored, 'state.number < :number', $state - self::STATES);
            }
            $stored->decide($document, $this->clock->now(), $state);
        } else {
            $stored->decide($document, $this->clock->now(), $stored->state());
        }
        $this->manager->flush();
    }

    /**
     * Goes back to what the piece was before the last change, or forward again; says whether there was anything.
     *
     * @throws \Doctrine\ORM\OptimisticLockException If somebody else saved the piece meanwhile
     */
    public function step(StoredPiece $stored, int $by): bool
    {
        $state = $this->state($stored, $stored->state() + $by);
        if (null !== $state) {
            $stored->decide($state->document(), $this->clock->now(), $state->number());
            $this->manager->flush();
        }

        return null !== $state;
    }

    /**
     * Returns whether there is anything to undo, and to do again.
     *
     * @return array{bool, bool}
     */
    public function steps(StoredPiece $stored): array
    {
        $numbers = $this->manager->createQuery(\sprintf(
            'SELECT state.number FROM %s state WHERE state.piece = :piece AND state.number IN (:near)',
            PieceState::class,
        ))->setParameter('piece', $stored)->setParameter('near', [$stored->state() - 1, $stored->state() + 1])->getSingleColumnResult();

        return [\in_array($stored->state() - 1, $numbers, true), \in_array($stored->state() + 1, $numbers, true)];
    }

    /**
     * @param array<string, string> $typed
     *
     * @throws \Doctrine\ORM\OptimisticLockException If somebody else saved the piece meanwhile
     */
    public function keepDraft(StoredPiece $stored, array $typed): void
    {
        $stored->keepDraft($typed, $this->clock->now());
        $this->manager->flush();
    }

    public function archive(StoredPiece $stored): void
    {
        $stored->archive($this->clock->now());
        $this->manager->flush();
    }

    public function restore(StoredPiece $stored): void
    {
        $stored->restore();
        $this->manager->flush();
    }

    private function state(StoredPiece $stored, int $number): ?PieceState
    {
        return $this->manager->getRepository(PieceState::class)->findOneBy(['piece' => $stored, 'number' => $number]);
    }

    private function forget(StoredPiece $stored, string $which, int $number): void
    {
        $this->manager->createQuery(\sprintf('DELETE FROM %s state WHERE state.piece = :piece AND %s', PieceState::class, $which))
            ->setParameter('piece', $stored)->setParameter('number', $number)->execute();
    }

    /**
     * @return list<StoredPiece>
     */
    private function all(bool $archived): array
    {
        $query = $this->manager->createQuery(\sprintf(
            'SELECT piece FROM %s piece WHERE piece.archivedAt IS %s NULL ORDER BY piece.changedAt DESC, piece.id DESC',
            StoredPiece::class,
            $archived ? 'NOT' : '',
        ));

        /** @var list<StoredPiece> */
        return $query->getResult();
    }
}
