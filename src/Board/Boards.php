<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Making\ShortCordOption;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;

/**
 * The pieces in the making, in the database.
 */
final readonly class Boards
{
    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Makings $makings,
        private MakingPlans $plans,
        private ExclusiveTransaction $alone,
        private Randomizer $chance,
    ) {}

    public function find(int $id): ?StoredBoard
    {
        return $this->manager->find(StoredBoard::class, $id);
    }

    /**
     * @param list<int>|null $makings of which they are the boards; of any when null
     *
     * @return list<StoredBoard> those that are not finished, touched last first
     */
    public function inUse(?array $makings = null): array
    {
        $query = $this->manager->createQueryBuilder()->select('board', 'making', 'piece')
            ->from(StoredBoard::class, 'board')->join('board.making', 'making')->leftJoin('making.piece', 'piece')
            ->where('board.finishedAt IS NULL AND piece.discardedAt IS NULL')
            ->orderBy('board.touchedAt', 'DESC')->addOrderBy('board.id', 'DESC');
        if (null !== $makings) {
            $query->andWhere('making.id IN (:makings)')->setParameter('makings', $makings);
        }

        /** @var list<StoredBoard> */
        return $query->getQuery()->getResult();
    }

    public function ofMaking(StoredMaking $making): ?StoredBoard
    {
        return $this->manager->getRepository(StoredBoard::class)->findOneBy(['making' => $making]);
    }

    /**
     * Returns the board on which a piece is made: of what lies on one, touched last; of what is cut or planned, what
     * was first; of one thing more where nothing of it is on the way.
     *
     * @throws PieceUnreadable If it cannot be planned
     */
    public function of(StoredPiece $piece): StoredBoard
    {
        foreach ($this->inUse() as $board) {
            if ($board->piece() === $piece) {
                return $board;
            }
        }
        $waiting = $this->makings->running($piece);
        usort($waiting, static fn (StoredMaking $one, StoredMaking $other): int => [
            MakingState::Cut === $one->state() ? 0 : 1, $one->id(),
        ] <=> [MakingState::Cut === $other->state() ? 0 : 1, $other->id()]);

        return $this->lay($waiting[0] ?? $this->makings->plan($piece));
    }

    /**
     * Lays a making on its board: where its cord is cut, after the cutting.
     *
     * @throws PieceUnreadable If it cannot be planned
     */
    public function lay(StoredMaking $making): StoredBoard
    {
        $board = $making->at(MakingState::OnBoard) instanceof \DateTimeImmutable ? $this->ofMaking($making) : null;
        if (null !== $board) {
            return $board;
        }
        $this->makings->lay($making);
        $acts = $this->plans->plan($making)->acts();
        $board = new StoredBoard(
            bin2hex($this->chance->getBytes(16)),
            $making,
            $acts->moves,
            $this->clock->now(),
        );
        if (null !== $making->at(MakingState::Cut)) {
            $board->come($acts->cutting(), $this->clock->now());
        }
        $this->manager->persist($board);
        $this->manager->flush();

        return $board;
    }

    /**
     * @throws PieceUnreadable
     */
    public function wish(StoredBoard $board): PieceSpec
    {
        return $this->plans->spec($board->making());
    }

    /**
     * Returns the plan by which a piece is made.
     *
     * @throws PieceUnreadable
     */
    public function plan(StoredBoard $board): Plan
    {
        $this->makings->settle($board->making());

        return $this->plans->plan($board->making());
    }

    /**
     * @throws PieceUnreadable If it cannot be: then nothing is kept
     */
    public function read(StoredBoard $board, TapeReading $reached, bool $isCorrected): void
    {
        $plan = $this->plan($board);
        $why = $reached->impossible($plan, $plan->acts(), $isCorrected ? null : $this->lastRead($board));
        if (null !== $why) {
            throw PieceUnreadable::at('reached-longer' === $why->key ? 'left' : 'length', $why);
        }
        $this->alone($board, fn () => $board->read(array_filter([
            'moves' => $reached->moves,
            'length' => $reached->length?->__toString(),
            'role' => $reached->role,
            'left' => $reached->left?->__toString(),
        ], static fn (int|string|null $value): bool => null !== $value), $this->clock->now()));
    }

    /**
     * Returns what was read last; null while nothing was, or nothing that can be read.
     */
    public function lastRead(StoredBoard $board): ?TapeReading
    {
        try {
            $readings = KeptBoards::readings(['readings' => $board->readings()]);
            KeptBoards::detours(['detours' => $board->detours()]);
        } catch (PieceUnreadable) {
            return null; // its page says so
        }
        $last = $readings[\count($readings) - 1] ?? null;
        $length = static fn (?string $text): ?Length => null === $text ? null : Length::parse($text, Unit::Millimetre);

        if (null === $last) {
            return null;
        }
        $added = Length::zero();
        foreach ($board->detours() as $detour) {
            // Read after it, the end has it already.
            if ($detour['role'] === ($last['role'] ?? null) && (!$detour['done'] || $last['moves'] <= $detour['at'])) {
                $added = $added->plus(Length::parse($detour['adds'], Unit::Millimetre));
            }
        }

        return new TapeReading(
            $last['moves'],
            $length($last['length'] ?? null),
            $last['role'] ?? null,
            $length($last['left'] ?? null),
            $added->isZero() ? null : $added,
        );
    }

    /**
     * @return list<array{id: string, step: int, ends: int}> the clocks that run; none where they cannot be read again
     */
    public function clocks(StoredBoard $board): array
    {
        return KeptBoards::isSound($board) ? $board->clocks() : [];
    }

    /**
     * Goes on by another plan: all that is made stays. Returns whether it could.
     *
     * @throws PieceUnreadable
     */
    public function follow(StoredBoard $board, PieceSpec $piece): bool
    {
        $place = $this->placeBy($board, $piece);
        if (null === $place) {
            return false;
        }
        $making = $board->making();
        $planner = $this->plans->planner($making);
        $fact = $this->plans->fact($piece, $planner);
        $total = $planner->plan($piece)->acts()->moves;
        $design = null === $making->piece() ? '' : MakingPlans::design($making->piece());
        $this->alone($board, function () use ($board, $fact, $design, $total, $place): void {
            $board->making()->freeze(...[...$fact, $design]);
            $board->follow($total, $place, $this->clock->now());
        });

        return true;
    }

    /**
     * Stays as it is, whatever its piece is by now.
     */
    public function stay(StoredBoard $board): void
    {
        $piece = $board->piece();
        $this->alone($board, static fn () => $board->making()->keep(null === $piece ? '' : MakingPlans::design($piece)));
    }

    /**
     * Returns after how many moves of another plan as much is made, null where it would be made otherwise.
     *
     * @throws PieceUnreadable
     */
    public function placeBy(StoredBoard $board, PieceSpec $piece): ?int
    {
        $now = $this->plan($board)->acts();
        $then = $this->plans->planner($board->making())->plan($piece)->acts();
        $made = $now->made($board->moves());
        if ([] === $made) {
            return min($board->moves(), $then->before((int) array_key_last($then->all)));
        }

        return $then->placeOf($made);
    }

    /**
     * Does otherwise with the hands than planned: a way out that leaves the plan as it is becomes a part of the work,
     * at its place.
     */
    public function detour(StoredBoard $board, ShortCordOption $way, string $role): void
    {
        $values = array_map(
            static fn (mixed $value): string|int => match (true) {
                \is_int($value) => $value,
                \is_string($value), $value instanceof \Stringable => (string) $value,
                default => '',
            },
            $way->said->values,
        );
        $this->alone($board, fn () => $board->detour([
            'id' => bin2hex($this->chance->getBytes(8)),
            'at' => max($board->moves(), $way->at ?? 0),
            'key' => $way->said->key,
            'values' => $values,
            'role' => $role,
            'adds' => (string) ($way->adds ?? Length::zero())->absolute(),
            'done' => false,
        ], $this->clock->now()));
    }

    public function detoured(StoredBoard $board, string $id): void
    {
        $this->alone($board, fn () => $board->detoured($id, $this->clock->now()));
    }

    public function pause(StoredBoard $board, string $note): void
    {
        $this->alone($board, fn () => $board->pause($note, $this->clock->now()));
    }

    /**
     * Starts a clock of so many minutes; one of a step once.
     */
    public function start(StoredBoard $board, string $id, int $step, int $minutes): void
    {
        $this->alone($board, function () use ($board, $id, $step, $minutes): void {
            if (!\in_array($id, array_column($this->clocks($board), 'id'), true)) {
                $now = $this->clock->now();
                $board->start($id, $step, $now->getTimestamp() + 60 * $minutes, $now);
            }
        });
    }

    /**
     * Returns the place of the step in hand.
     */
    public function step(StoredBoard $board): int
    {
        return $this->plan($board)->acts()->at($board->moves())[0];
    }

    public function stop(StoredBoard $board, string $id): void
    {
        $this->alone($board, fn () => $board->stop($id, $this->clock->now()));
    }

    public function finish(StoredBoard $board, bool $is = true): void
    {
        $this->alone($board, fn () => $board->finish($is ? $this->clock->now() : null));
    }

    /**
     * Does something to a board while nobody else can.
     */
    private function alone(StoredBoard $board, callable $change): void
    {
        $this->alone->run($change, $board);
    }
}
