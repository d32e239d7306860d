<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rinkel\App\Entity\StoredPiece;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;

/**
 * The maker's pieces in the database.
 */
final readonly class Pieces
{
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
        $stored = new StoredPiece($this->writer->write($piece), $this->clock->now());
        $this->manager->persist($stored);
        $this->manager->flush();

        return $stored;
    }

    /**
     * @throws \Doctrine\ORM\OptimisticLockException If somebody else saved the piece meanwhile
     */
    public function save(StoredPiece $stored, Piece $piece): void
    {
        $stored->decide($this->writer->write($piece), $this->clock->now());
        $this->manager->flush();
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
