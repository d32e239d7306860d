<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * One thing that is made from a piece, for somebody or for stock.
 *
 * Until its cord is cut or its board is opened it follows its piece, but for what is said to be other of it. From then
 * on it is a fact: its plan, the hand by which it was planned and the cords as they were cut are its own, whatever
 * becomes of the piece.
 *
 * @phpstan-type MadeOf array{cord: string, length: string, item: string, taking: string}
 * @phpstan-type Thing array{what: string, count: int, taking: string}
 */
#[ORM\Entity]
#[ORM\Table('making')]
#[ORM\UniqueConstraint('making_uid', columns: ['uid'])]
#[ORM\Index('making_made', columns: ['made_at'])]
#[ORM\Index('making_piece', columns: ['piece_id'])]
#[ORM\Index('making_order', columns: ['order_id'])]
class StoredMaking
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    /** What it is called once its plan is its own; its piece says it before. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    private string $name = '';

    /** @var array<string, mixed> the piece as it is made; empty while it follows its piece */
    #[ORM\Column(type: Types::JSON)]
    private array $document = [];

    /** @var array<string, mixed>|null by which hand it was planned; null where nobody wrote it down */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private ?array $hand = null;

    /** By which the piece is told that it was planned from, or that it stays as it is against. */
    #[ORM\Column(length: 16, options: ['default' => ''])]
    private string $design = '';

    /** @var list<MadeOf> the cords that were cut for it: which of its plan, how long, from what, by which act */
    #[ORM\Column(type: Types::JSON)]
    private array $cords = [];

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $cutAt = null;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $boardAt = null;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $madeAt = null;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $deliveredAt = null;

    /** @var list<string> acts by which what was left of its cords came into the stock */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $leftovers = [];

    /** @var list<Thing> the beads and findings that were taken out for it */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $things = [];

    /** Uid of the entry of the log that it became. */
    #[ORM\Column(length: 32, options: ['default' => ''])]
    private string $log = '';

    /**
     * @param string                $uid     by which it is the same in every copy of a maker's data
     * @param array<string, string> $changes what is other of it than of its piece: for, girth, colour.<cord>
     * @param int                   $number  of it among those made from the piece together, from 1
     */
    public function __construct(
        #[ORM\Column(length: 32)]
        private string $uid,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
        private ?StoredPiece $piece,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'order_id', nullable: true, onDelete: 'SET NULL')]
        private ?StoredOrder $order,
        #[ORM\Column(type: Types::JSON)]
        private array $changes,
        #[ORM\Column(options: ['default' => 1])]
        private int $number,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $plannedAt,
    ) {}

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('The making is not stored yet.');
    }

    public function isKept(): bool
    {
        return null !== $this->id;
    }

    public function uid(): string
    {
        return $this->uid;
    }

    public function piece(): ?StoredPiece
    {
        return $this->piece;
    }

    public function order(): ?StoredOrder
    {
        return $this->order;
    }

    public function number(): int
    {
        return $this->number;
    }

    /**
     * @return array<string, string>
     */
    public function changes(): array
    {
        return $this->changes;
    }

    /**
     * Returns whether it is a piece that was worn and is made again: its wearer keeps their beads and findings.
     */
    public function isRepair(): bool
    {
        return 'yes' === ($this->changes['repair'] ?? '');
    }

    public function name(): string
    {
        $name = '' === $this->name ? $this->piece?->document()['name'] ?? '' : $this->name;

        return \is_string($name) ? $name : '';
    }

    /**
     * @return array<string, mixed> empty while it follows its piece
     */
    public function document(): array
    {
        return $this->document;
    }

    /**
     * @return array<string, mixed>|null
     */
    public function hand(): ?array
    {
        return $this->hand;
    }

    public function design(): string
    {
        return $this->design;
    }

    public function isFrozen(): bool
    {
        return [] !== $this->document;
    }

    public function state(): MakingState
    {
        return match (true) {
            null !== $this->deliveredAt => MakingState::Delivered,
            null !== $this->madeAt => MakingState::Made,
            null !== $this->boardAt => MakingState::OnBoard,
            null !== $this->cutAt => MakingState::Cut,
            default => MakingState::Planned,
        };
    }

    public function at(MakingState $state): ?\DateTimeImmutable
    {
        return match ($state) {
            MakingState::Planned => $this->plannedAt,
            MakingState::Cut => $this->cutAt,
            MakingState::OnBoard => $this->boardAt,
            MakingState::Made => $this->madeAt,
            MakingState::Delivered => $this->deliveredAt,
        };
    }

    public function log(): string
    {
        return $this->log;
    }

    /**
     * @return list<string>
     */
    public function leftovers(): array
    {
        return $this->leftovers;
    }

    /**
     * @return list<Thing> what, by which it is found in stock, and how many
     */
    public function things(): array
    {
        return $this->things;
    }

    /**
     * @param list<Thing> $things
     */
    public function take(array $things): void
    {
        $this->things = $things;
    }

    /**
     * @return list<MadeOf>
     */
    public function cords(): array
    {
        return $this->cords;
    }

    /**
     * Returns which cords of its plan are cut: "working 2".
     *
     * @return list<string>
     */
    public function isCut(): array
    {
        return array_column($this->cords, 'cord');
    }

    /**
     * Returns how long a cord of each role was cut in fact; the mean of several.
     *
     * @return array<string, Length>
     */
    public function lengths(): array
    {
        $by = [];
        foreach ($this->cords as $one) {
            $by[explode(' ', $one['cord'])[0]][] = Length::parse($one['length'], Unit::Millimetre);
        }

        return array_map(static fn (array $all): Length => Length::sum(...$all)->times(1 / \count($all)), $by);
    }

    /**
     * Becomes a fact: from now on its plan is its own.
     *
     * @param array<string, mixed>      $document
     * @param array<string, mixed>|null $hand
     */
    public function freeze(array $document, string $name, ?array $hand, string $design): void
    {
        [$this->document, $this->name, $this->hand, $this->design] = [$document, $name, $hand, $design];
    }

    /**
     * Follows its piece again, as if nothing had been begun.
     */
    public function thaw(): void
    {
        [$this->document, $this->name, $this->hand, $this->design] = [[], '', null, ''];
    }

    /**
     * Stays as it is against the piece as that is now.
     */
    public function keep(string $design): void
    {
        $this->design = $design;
    }

    /**
     * @param list<MadeOf> $cords all that are cut now
     */
    public function cut(array $cords, ?\DateTimeImmutable $whole): void
    {
        [$this->cords, $this->cutAt] = [$cords, $whole];
    }

    public function lay(?\DateTimeImmutable $at): void
    {
        $this->boardAt = $at;
    }

    /**
     * @param list<string> $leftovers
     */
    public function make(?\DateTimeImmutable $at, string $log, array $leftovers = []): void
    {
        [$this->madeAt, $this->log, $this->leftovers] = [$at, $log, $leftovers];
    }

    public function deliver(?\DateTimeImmutable $at): void
    {
        $this->deliveredAt = $at;
    }

    public function belong(?StoredOrder $order): void
    {
        $this->order = $order;
    }

    /**
     * Becomes that of so many, planned then, as it is in another copy of its maker's data.
     */
    public function plan(int $number, \DateTimeImmutable $at): void
    {
        [$this->number, $this->plannedAt] = [$number, $at];
    }

    /**
     * @param array<string, string> $changes
     */
    public function change(array $changes): void
    {
        $this->changes = $changes;
    }
}
