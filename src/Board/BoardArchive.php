<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Failure;
use Rinkel\Core\Making\Steps;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;

/**
 * Pieces in the making as an open file (docs/boards.schema.json): by which plan each is made, how far it is, what was
 * read on the tape, and its taps, which tell of the maker's pace. Clocks stay here: they have run out elsewhere.
 */
final readonly class BoardArchive
{
    public const FORMAT = 'rinkel-boards';

    private const MOST = 20_000;

    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private PieceReader $reader,
        private Planner $planner,
    ) {}

    /**
     * @return array<string, mixed>
     */
    public function document(): array
    {
        $boards = [];
        /** @var list<StoredBoard> $all */
        $all = $this->manager->getRepository(StoredBoard::class)->findBy([], ['id' => 'ASC']);
        foreach ($all as $board) {
            /** @var list<StoredTap> $taps */
            $taps = $this->manager->getRepository(StoredTap::class)->findBy(['board' => $board], ['number' => 'ASC']);
            $boards[] = [
                'uid' => self::uid($board),
                'pieceUid' => $board->piece()->uid(),
                'piece' => $board->document(),
                'moves' => $board->moves(),
                'finished' => $board->isFinished(),
                'note' => $board->note(),
                'touched' => $board->touchedAt()->format(\DATE_ATOM),
                'readings' => $board->readings(),
                'taps' => array_map(static fn (StoredTap $tap): array => [
                    'id' => $tap->uid, 'done' => $tap->done, 'at' => $tap->at, 'kind' => $tap->kind,
                ], $taps),
            ];
        }

        return ['format' => self::FORMAT, 'version' => 1, 'boards' => $boards];
    }

    /**
     * Returns whether a board is here as it is in the archive; null when it is not here at all.
     *
     * @param array<mixed> $row
     */
    public function isSame(array $row): ?bool
    {
        foreach ($this->manager->getRepository(StoredBoard::class)->findAll() as $board) {
            if (self::uid($board) === ($row['uid'] ?? null)) {
                return $board->moves() === ($row['moves'] ?? null)
                    && $board->isFinished() === ($row['finished'] ?? false);
            }
        }

        return null;
    }

    /**
     * @param array<mixed> $row
     *
     * @throws PieceUnreadable If the piece in it cannot be planned
     */
    public function check(array $row): void
    {
        $this->steps($row);
    }

    /**
     * Lays a piece on its board as it was; a board that is here already is left alone.
     *
     * @param array<mixed> $row
     *
     * @throws PieceUnreadable If the piece in it cannot be planned
     */
    public function bring(array $row, StoredPiece $piece): bool
    {
        if (null !== $this->isSame($row)) {
            return false;
        }
        $steps = $this->steps($row);
        $whole = static fn (mixed $value): int => \is_int($value) ? $value : 0;
        $touched = \is_string($row['touched'] ?? null)
            ? \DateTimeImmutable::createFromFormat(\DATE_ATOM, $row['touched'])
            : false;
        $board = new StoredBoard(
            $piece,
            \is_array($row['piece'] ?? null) ? $row['piece'] : [],
            $steps->moves,
            false === $touched ? $this->clock->now() : $touched,
        );
        $taps = [];
        foreach (\array_slice(\is_array($row['taps'] ?? null) ? $row['taps'] : [], 0, self::MOST) as $tap) {
            if (
                \is_array($tap) && \is_string($tap['id'] ?? null)
                && 1 === preg_match('/^[0-9a-f]{1,24}$/D', $tap['id']) && !isset($taps[$tap['id']])
            ) {
                $taps[$tap['id']] = new StoredTap(
                    $board,
                    $tap['id'],
                    \count($taps) + 1,
                    $whole($tap['done'] ?? 0),
                    $whole($tap['at'] ?? 0),
                    \is_string($tap['kind'] ?? null) ? mb_substr($tap['kind'], 0, 32) : '',
                );
            }
        }
        $board->restore(
            max(0, min($steps->moves, $whole($row['moves'] ?? 0))),
            self::readings($row['readings'] ?? null),
            \is_string($row['note'] ?? null) ? mb_substr($row['note'], 0, 500) : '',
            \count($taps),
            true === ($row['finished'] ?? false),
        );
        $this->manager->persist($board);
        array_map($this->manager->persist(...), array_values($taps));
        $this->manager->flush();

        return true;
    }

    /**
     * @param array<mixed> $row
     */
    private function steps(array $row): Steps
    {
        $piece = \is_array($row['piece'] ?? null) ? $row['piece'] : [];

        return Steps::of($this->planner->plan($this->reader->read($piece)));
    }

    /**
     * Returns by what a board is the same in every copy: the piece on it, and by which plan it is made.
     */
    private static function uid(StoredBoard $board): string
    {
        return md5($board->piece()->uid().json_encode($board->document()));
    }

    /**
     * @return list<array{moves: int, length?: string, role?: string, left?: string}>
     */
    private static function readings(mixed $rows): array
    {
        $readings = [];
        foreach (\array_slice(\is_array($rows) ? $rows : [], 0, 500) as $row) {
            $reading = \is_array($row) && \is_int($row['moves'] ?? null) ? ['moves' => $row['moves']] : null;
            if (null === $reading || !\is_array($row)) {
                continue;
            }
            foreach (['length', 'left'] as $name) {
                try {
                    if (\is_string($row[$name] ?? null)) {
                        $reading[$name] = (string) Length::parse($row[$name], Unit::Millimetre);
                    }
                } catch (Failure) {
                    continue 2;
                }
            }
            if (\is_string($row['role'] ?? null)) {
                $reading['role'] = mb_substr($row['role'], 0, 40);
            }
            $readings[] = $reading;
        }

        return $readings;
    }
}
