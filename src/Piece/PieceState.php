<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

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
     * @param string               $stroke   typing that may go on in it; "" for a change of its own
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredPiece $piece,
        #[ORM\Column]
        private int $number,
        #[ORM\Column(type: Types::JSON)]
        private array $document,
        #[ORM\Column]
        private string $stroke,
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

    public function stroke(): string
    {
        return $this->stroke;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    /**
     * Takes a further change in when it goes on with this one; says whether it did.
     *
     * @param array<string, mixed> $document
     */
    public function goesOn(array $document, string $stroke, \DateTimeImmutable $now): bool
    {
        if ('' === $stroke || $stroke !== $this->stroke) {
            return false;
        }
        $this->document = $document;
        $this->at = $now;

        return true;
    }
}
