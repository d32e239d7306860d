<?php

declare(strict_types=1);

namespace Rinkel\App\Orders;

use Brick\Math\BigDecimal;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * What somebody asked for: for whom, until when, for how much. What is made for it are its makings, which say how it
 * stands.
 */
#[ORM\Entity]
#[ORM\Table('customer_order')]
#[ORM\UniqueConstraint('customer_order_uid', columns: ['uid'])]
class StoredOrder
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $closedAt = null;

    /**
     * @param string               $uid      by which it is the same in every copy of a maker's data
     * @param array<string, mixed> $document by docs/kept.schema.json
     */
    public function __construct(
        #[ORM\Column(length: 32)]
        private string $uid,
        #[ORM\Column(type: Types::JSON)]
        private array $document,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $askedAt,
    ) {}

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('The order is not stored yet.');
    }

    public function uid(): string
    {
        return $this->uid;
    }

    /**
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return $this->document;
    }

    public function text(string $field): string
    {
        $text = $this->document[$field] ?? '';

        return \is_string($text) ? $text : '';
    }

    /**
     * Returns a sum of money, 0 where none is said.
     */
    public function sum(string $field): BigDecimal
    {
        $text = $this->text($field);

        return BigDecimal::of('' === $text ? 0 : $text);
    }

    /**
     * Returns what is still to be paid of what was agreed, with packing and post.
     */
    public function owed(): BigDecimal
    {
        $owed = $this->sum('price')->plus($this->sum('post'))->minus($this->sum('paid'));

        return $owed->isNegative() ? BigDecimal::zero() : $owed;
    }

    /**
     * Returns whether it is sold as a kit: then whoever makes it ties by another hand.
     */
    public function isKit(): bool
    {
        return true === ($this->document['kit'] ?? false);
    }

    /**
     * Returns what its customer answered by their link; null for nothing, or what cannot be read.
     */
    public function answer(): ?CustomerAnswer
    {
        $answer = $this->document['answer'] ?? null;
        try {
            return \is_array($answer) ? CustomerAnswer::read($answer) : null;
        } catch (PieceUnreadable) {
            return null;
        }
    }

    /**
     * Returns whether its customer answered and nothing was done about it yet.
     */
    public function isAnswered(): bool
    {
        return false === $this->answer()?->isNoted;
    }

    public function dueAt(): ?\DateTimeImmutable
    {
        // At noon, so that it is the same day in nearly all time zones.
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d H', $this->text('due').' 12', new \DateTimeZone('UTC'));

        return false === $day ? null : $day;
    }

    public function isLate(\DateTimeImmutable $now): bool
    {
        return '' !== $this->text('due') && $this->text('due') < $now->format('Y-m-d');
    }

    public function askedAt(): \DateTimeImmutable
    {
        return $this->askedAt;
    }

    /**
     * Returns when it was put away, null while it is open.
     */
    public function closedAt(): ?\DateTimeImmutable
    {
        return $this->closedAt;
    }

    /**
     * @param array<string, mixed>    $document
     * @param \DateTimeImmutable|null $asked    when it was asked for, where another copy of it says so
     */
    public function become(array $document, ?\DateTimeImmutable $asked = null): void
    {
        $this->document = $document;
        $this->askedAt = $asked ?? $this->askedAt;
    }

    public function close(?\DateTimeImmutable $at): void
    {
        $this->closedAt = $at;
    }
}
