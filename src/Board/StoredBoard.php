<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\StoredPiece;

/**
 * The board of one making: how far it has come, what was read on the tape, which clocks run.
 *
 * @phpstan-type Reading array{moves: int, length?: string, role?: string, left?: string}
 * @phpstan-type Clock array{id: string, step: int, ends: int}
 * @phpstan-type Detour array{
 *     id: string, at: int, key: string, values: array<string, string|int>, role: string, adds: string, done: bool,
 * }
 */
#[ORM\Entity]
#[ORM\Table('board')]
#[ORM\UniqueConstraint('board_uid', columns: ['uid'])]
#[ORM\UniqueConstraint('board_making', columns: ['making_id'])]
class StoredBoard
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType (the database gives it)

    /** Moves that are done. */
    #[ORM\Column(options: ['default' => 0])]
    private int $moves = 0;

    /** Of the last event. */
    #[ORM\Column(options: ['default' => 0])]
    private int $number = 0;

    #[ORM\Column(length: 500, options: ['default' => ''])]
    private string $note = '';

    /** @var list<Reading> */
    #[ORM\Column(type: Types::JSON)]
    private array $readings = [];

    /** @var list<Clock> until when, in seconds since 1970 */
    #[ORM\Column(type: Types::JSON)]
    private array $clocks = [];

    /** @var list<Detour> what hands do otherwise than planned, and after how many moves */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    private array $detours = [];

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $finishedAt = null;

    /**
     * @param string $uid   by which it is the same in every copy of a maker's data
     * @param int    $total moves of its making
     */
    public function __construct(
        #[ORM\Column(length: 32, options: ['default' => ''])]
        private string $uid,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private StoredMaking $making,
        #[ORM\Column(options: ['default' => 0])]
        private int $total,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $touchedAt,
    ) {}

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('The board is not stored yet.');
    }

    public function uid(): string
    {
        return $this->uid;
    }

    public function making(): StoredMaking
    {
        return $this->making;
    }

    /**
     * Returns the piece that is made, null where its maker has let go of that for good.
     */
    public function piece(): ?StoredPiece
    {
        return $this->making->piece();
    }

    public function name(): string
    {
        return $this->making->name();
    }

    public function moves(): int
    {
        return $this->moves;
    }

    public function total(): int
    {
        return $this->total;
    }

    public function number(): int
    {
        return $this->number;
    }

    public function note(): string
    {
        return $this->note;
    }

    public function touchedAt(): \DateTimeImmutable
    {
        return $this->touchedAt;
    }

    public function finishedAt(): ?\DateTimeImmutable
    {
        return $this->finishedAt;
    }

    public function isFinished(): bool
    {
        return null !== $this->finishedAt;
    }

    /**
     * @return list<Reading> in order
     */
    public function readings(): array
    {
        return $this->readings;
    }

    /**
     * @return list<Clock>
     */
    public function clocks(): array
    {
        return $this->clocks;
    }

    /**
     * Notes one more event, and how many moves are done after it.
     */
    public function come(int $moves, \DateTimeImmutable $at): int
    {
        $this->moves = max(0, $moves);
        $this->touchedAt = $at;

        return ++$this->number;
    }

    /**
     * Goes on by another plan, from where as much of it is made.
     */
    public function follow(int $total, int $moves, \DateTimeImmutable $at): void
    {
        $this->total = $total;
        $this->detours = array_map(
            fn (array $one): array => ['at' => max(0, $one['at'] + $moves - $this->moves)] + $one,
            $this->detours,
        );
        $this->come($moves, $at);
    }

    /**
     * @param Reading $reading
     */
    public function read(array $reading, \DateTimeImmutable $at): void
    {
        $this->readings[] = $reading;
        $this->come($this->moves, $at);
    }

    public function pause(string $note, \DateTimeImmutable $at): void
    {
        $this->note = $note;
        $this->come($this->moves, $at);
    }

    public function start(string $id, int $step, int $ends, \DateTimeImmutable $at): void
    {
        $this->clocks[] = ['id' => $id, 'step' => $step, 'ends' => $ends];
        $this->come($this->moves, $at);
    }

    /**
     * @return list<Detour>
     */
    public function detours(): array
    {
        return $this->detours;
    }

    /**
     * @param Detour $detour
     */
    public function detour(array $detour, \DateTimeImmutable $at): void
    {
        $this->detours[] = $detour;
        $this->come($this->moves, $at);
    }

    /**
     * Notes that hands did otherwise there.
     */
    public function detoured(string $id, \DateTimeImmutable $at): void
    {
        $this->detours = array_map(
            static fn (array $one): array => ['done' => $one['done'] || $id === $one['id']] + $one,
            $this->detours,
        );
        $this->come($this->moves, $at);
    }

    public function stop(string $id, \DateTimeImmutable $at): void
    {
        $this->clocks = array_values(array_filter(
            $this->clocks,
            static fn (array $clock): bool => $clock['id'] !== $id,
        ));
        $this->come($this->moves, $at);
    }

    /**
     * @param \DateTimeImmutable|null $at null where it is not finished after all
     */
    public function finish(?\DateTimeImmutable $at): void
    {
        $this->finishedAt = $at;
        $this->clocks = null === $at ? $this->clocks : [];
    }

    /**
     * Becomes what it was elsewhere.
     *
     * @param list<Reading> $readings
     * @param list<Clock>   $clocks
     * @param list<Detour>  $detours
     */
    public function restore(
        int $moves,
        array $readings,
        string $note,
        int $number,
        array $clocks,
        array $detours,
        ?\DateTimeImmutable $finished,
    ): void {
        [$this->moves, $this->readings, $this->note] = [$moves, $readings, $note];
        [$this->number, $this->clocks, $this->detours] = [$number, $clocks, $detours];
        $this->finishedAt = $finished;
    }
}
