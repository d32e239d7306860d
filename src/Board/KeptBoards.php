<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;

/**
 * Pieces in the making (docs/kept.schema.json): by which plan each is made, how far it is, what was read on the
 * tape, which clocks run, and its taps, which tell of the maker's pace.
 *
 * @phpstan-import-type Reading from StoredBoard
 * @phpstan-import-type Clock from StoredBoard
 * @phpstan-import-type Detour from StoredBoard
 */
final readonly class KeptBoards implements Kept
{
    private const MOST_MOVES = 1_000_000;
    private const MOST_TAPS = 20_000;
    private const MOST_READINGS = 500;
    private const MOST_CLOCKS = 100;

    /** Of a reading, in mm. */
    private const MOST_LENGTH = 1_000_000.0;

    public function __construct(
        private EntityManagerInterface $manager,
        private PieceReader $reader,
        private Planner $planner,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'board';
    }

    public function folder(): string
    {
        return 'boards';
    }

    public function page(): string
    {
        return 'table';
    }

    public function rank(): int
    {
        return 35;
    }

    public function stores(): array
    {
        return [StoredBoard::class, StoredTap::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('board');
    }

    public function find(string $uid): ?StoredBoard
    {
        return $this->manager->getRepository(StoredBoard::class)->findOneBy(['uid' => $uid]);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredBoard);
        $taps = $this->manager->getConnection()->fetchAllAssociative(
            'SELECT uid AS id, number, done, at, kind FROM board_tap WHERE board_id = ? ORDER BY number, id',
            [$stored->id()],
        );

        return [
            'uid' => $stored->uid(),
            'makingUid' => $stored->making()->uid(),
            'moves' => $stored->moves(),
            'total' => $stored->total(),
            'number' => $stored->number(),
            'finished' => $stored->finishedAt()?->format(\DATE_ATOM) ?? false,
            'note' => $stored->note(),
            'touched' => $stored->touchedAt()->format(\DATE_ATOM),
            'readings' => $stored->readings(),
            'clocks' => $stored->clocks(),
            'detours' => $stored->detours(),
            'taps' => array_map(self::tap(...), $taps),
        ];
    }

    public function check(object $stored): void
    {
        if ($stored instanceof StoredBoard) {
            self::noted($stored);
        }
    }

    /**
     * Returns whether what was noted at a board can be read again.
     */
    public static function isSound(StoredBoard $board): bool
    {
        try {
            self::noted($board);

            return true;
        } catch (PieceUnreadable) {
            return false;
        }
    }

    /**
     * @throws PieceUnreadable If what was noted at a board cannot be read again: its readings, clocks and detours
     */
    public static function noted(StoredBoard $board): void
    {
        self::readings(['readings' => $board->readings()]);
        self::clocks(['clocks' => $board->clocks()]);
        self::detours(['detours' => $board->detours()]);
    }

    public function read(array $row): Row
    {
        $uid = Rows::uid($row);
        // From before there were makings, a board had its piece and plan itself.
        $document = Rows::named(\is_array($row['piece'] ?? null) ? $row['piece'] : []);
        $piece = [] === $document ? null : $this->reader->read($document);
        $total = Rows::number($row, 'total', 0, self::MOST_MOVES);
        $total = 0 === $total && null !== $piece ? $this->planner->plan($piece)->acts()->moves : $total;
        $finished = $row['finished'] ?? false;
        $touched = Rows::timeOrNone($row, 'touched') ?? new \DateTimeImmutable('@0');
        $taps = array_values(
            array_column(array_map(self::tap(...), Rows::list($row, 'taps', self::MOST_TAPS)), null, 'id'),
        );
        usort($taps, static fn (array $one, array $other): int => $one['number'] <=> $other['number']);

        return new Row($uid, $piece->name ?? $this->making($row)?->name() ?? '', [
            'uid' => $uid,
        ] + (null === $piece ? ['makingUid' => Rows::uid($row, name: 'makingUid')] : [
            'pieceUid' => Rows::uid($row, name: 'pieceUid'),
            'piece' => $document,
        ]) + [
            'moves' => min($total, Rows::number($row, 'moves', 0, self::MOST_MOVES)),
            'total' => $total,
            'number' => Rows::number($row, 'number', 0, self::MOST_MOVES, \count($taps)),
            'finished' => match (true) {
                true === $finished => $touched->format(\DATE_ATOM),
                false === $finished => false,
                default => Rows::time($row, 'finished')->format(\DATE_ATOM),
            },
            'note' => Rows::text($row, 'note', 500),
            'touched' => $touched->format(\DATE_ATOM),
            'readings' => self::readings($row),
            'clocks' => self::clocks($row),
            'detours' => self::detours($row),
            'taps' => $taps,
        ], $touched);
    }

    /**
     * Lays a making on its board as the row says it; without it there is nothing to lay.
     */
    public function bring(Row $row, bool $isNew = false): void
    {
        $there = $isNew ? null : $this->find($row->uid);
        if (null !== $there) {
            $this->manager->remove($there);
            $this->manager->flush();
        }
        $touched = Rows::time($row->data, 'touched');
        $making = $this->making($row->data) ?? $this->before($row, $touched);
        if (null === $making) {
            return;
        }
        $board = new StoredBoard(
            $row->uid,
            $making,
            Rows::number($row->data, 'total', 0, self::MOST_MOVES),
            $touched,
        );
        $finished = $row->data['finished'];
        $board->restore(
            Rows::number($row->data, 'moves', 0, self::MOST_MOVES),
            self::readings($row->data),
            Rows::text($row->data, 'note', 500),
            Rows::number($row->data, 'number', 0, self::MOST_MOVES),
            self::clocks($row->data),
            self::detours($row->data),
            false === $finished ? null : Rows::time($row->data, 'finished'),
        );
        $this->manager->persist($board);
        foreach (Rows::list($row->data, 'taps', self::MOST_TAPS) as $tap) {
            $tap = self::tap($tap);
            $this->manager->persist(
                new StoredTap($board, $tap['id'], $tap['number'], $tap['done'], $tap['at'], $tap['kind']),
            );
        }
    }

    public function remove(object $stored): void
    {
        \assert($stored instanceof StoredBoard);
        $stored->making()->lay(null);
        $this->manager->remove($stored);
        $this->manager->flush();
    }

    /**
     * @param array<mixed> $row
     */
    private function making(array $row): ?StoredMaking
    {
        $uid = $row['makingUid'] ?? null;

        return !\is_string($uid) ? null : $this->manager->getRepository(StoredMaking::class)->findOneBy(['uid' => $uid]);
    }

    /**
     * Returns the making of a board from before there were any; null where its piece is not there.
     */
    private function before(Row $row, \DateTimeImmutable $touched): ?StoredMaking
    {
        $piece = $this->manager->getRepository(StoredPiece::class)->findOneBy(['uid' => $row->data['pieceUid'] ?? '']);
        if (null === $piece) {
            return null;
        }
        $making = new StoredMaking(md5('making of '.$row->uid), $piece, null, [], 1, $touched);
        $document = Rows::named(\is_array($row->data['piece'] ?? null) ? $row->data['piece'] : []);
        $making->freeze($document, mb_substr($row->name, 0, 200), null, '');
        $making->lay($touched);
        $making->make(false === $row->data['finished'] ? null : Rows::time($row->data, 'finished'), '');
        $this->manager->persist($making);

        return $making;
    }

    /**
     * @param array<mixed> $row
     *
     * @return list<Reading>
     *
     * @throws PieceUnreadable If one cannot be
     */
    public static function readings(array $row): array
    {
        $readings = [];
        foreach (Rows::list($row, 'readings', self::MOST_READINGS) as $i => $one) {
            $length = self::length(Rows::text($one, 'length', 60), 'readings.'.$i.'.length');
            $left = self::length(Rows::text($one, 'left', 60), 'readings.'.$i.'.left');
            $role = Rows::text($one, 'role', 40);
            $readings[] = ['moves' => Rows::number($one, 'moves', 0, self::MOST_MOVES)]
                + (null === $length ? [] : ['length' => (string) $length])
                + ('' === $role ? [] : ['role' => $role])
                + (null === $left ? [] : ['left' => (string) $left]);
        }

        return $readings;
    }

    private static function length(string $text, string $path): ?Length
    {
        try {
            $length = '' === $text ? null : Length::parse($text, Unit::Millimetre);
            $most = Length::ofMillimetres(self::MOST_LENGTH);

            return true === $length?->isLongerThan($most)
                ? throw LengthOutOfRange::outside($length, Length::zero(), $most, Unit::Centimetre) : $length;
        } catch (MeasureFailure $failure) {
            throw PieceUnreadable::at($path, $failure->said());
        }
    }

    /**
     * @param array<mixed> $row
     *
     * @return list<Clock>
     */
    private static function clocks(array $row): array
    {
        return array_map(static fn (array $one): array => [
            'id' => Rows::uid($one, '/^[0-9a-f]{12,24}$/D', 'id'),
            'step' => Rows::number($one, 'step', 0, self::MOST_MOVES),
            'ends' => Rows::number($one, 'ends', 0, 4_102_444_800),
        ], Rows::list($row, 'clocks', self::MOST_CLOCKS));
    }

    /**
     * @param array<mixed> $row
     *
     * @return list<Detour>
     *
     * @throws PieceUnreadable If one cannot be
     */
    public static function detours(array $row): array
    {
        $detours = [];
        foreach (Rows::list($row, 'detours', self::MOST_CLOCKS) as $i => $one) {
            $values = [];
            foreach (\is_array($one['values'] ?? null) ? $one['values'] : [] as $name => $value) {
                $values[(string) $name] = \is_int($value) ? $value : Rows::text(['of' => $value], 'of', 80);
            }
            $detours[] = [
                'id' => Rows::uid($one, '/^[0-9a-f]{12,24}$/D', 'id'),
                'at' => Rows::number($one, 'at', 0, self::MOST_MOVES),
                'key' => Rows::uid($one, '/^way-[a-z-]{1,30}$/D', 'key'),
                'values' => $values,
                'role' => Rows::text($one, 'role', 40),
                'adds' => (string) (self::length(Rows::text($one, 'adds', 60), 'detours.'.$i) ?? Length::zero()),
                'done' => true === ($one['done'] ?? false),
            ];
        }

        return $detours;
    }

    /**
     * @param array<mixed> $row
     *
     * @return array{id: string, number: int, done: int, at: int, kind: string}
     */
    private static function tap(array $row): array
    {
        return [
            'id' => Rows::uid($row, '/^[0-9a-f]{1,24}$/D', 'id'),
            'number' => Rows::number($row, 'number', 0, self::MOST_MOVES),
            'done' => Rows::number($row, 'done', -self::MOST_MOVES, self::MOST_MOVES),
            'at' => Rows::number($row, 'at', 0, 4_102_444_800_000),
            'kind' => Rows::text($row, 'kind', 32),
        ];
    }
}
