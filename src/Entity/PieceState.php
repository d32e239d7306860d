<?php

declare(strict_types=1);

namespace Rinkel\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * What a piece was after one change, so that the change can be undone and done again.
 */
#[ORM\Entity]
#[ORM\Table('piece_state')]
#[ORM\UniqueConstraint('piece_state_number', columns: ['piece_id', 'number'])]
class PieceState
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType, property.onlyWritten (the database gives it)

    /**
     * @param array<string, mixed> $document
     * @param string               $what     was changed; typing on in the same field within a moment is one change
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        #[ORM\Column]
        private int $number,
        #[ORM\Column(type: Types::JSON)]
        private array $document,
        #[ORM\Column]
        private string $what,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $at,
    ) {}

    public function piece(): StoredPiece
    {
        return $this->piece;
    }

    public function number(): int
    {
        return $this->number;
    }

    /**
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return $this->document;
    }

    /**
     * Takes a further change in when it goes on with this one; says whether it did.
     *
     * @param array<string, mixed> $document
     */
    public function goesOn(array $document, string $what, \DateTimeImmutable $now): bool
    {
        if ('' === $what || $what !== $this->what || $now->getTimestamp() - $this->at->getTimestamp() > 3) {
            return false;
        }
        $this->document = $document;
        $this->at = $now;

        return true;
    }
}
