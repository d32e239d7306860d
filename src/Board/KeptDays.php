<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * Planned days (docs/kept.schema.json).
 *
 * @phpstan-import-type Planned from StoredDay
 */
final readonly class KeptDays implements Kept
{
    /** So many pieces are in a day (judgement: more are no day). */
    public const MOST = 16;

    private const MOST_PINS = 200;
    /** A time of day. */
    public const CLOCK = '/^(?:[01]\d|2[0-3]):[0-5]\d$/D';

    public function __construct(
        private EntityManagerInterface $manager,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'day';
    }

    public function folder(): string
    {
        return 'days';
    }

    public function page(): string
    {
        return 'day';
    }

    public function rank(): int
    {
        return 38;
    }

    public function stores(): array
    {
        return [StoredDay::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('day');
    }

    public function find(string $uid): ?StoredDay
    {
        return $this->manager->getRepository(StoredDay::class)->findOneBy(['uid' => $uid]);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredDay);

        return ['uid' => $stored->uid(), 'day' => $stored->day()] + $stored->document();
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof StoredDay);
        self::day($stored->day());
        self::planned($stored->document());
    }

    public function read(array $row): Row
    {
        $day = self::day(Rows::text($row, 'day', 10));

        return new Row(Rows::uid($row), $day, ['uid' => Rows::uid($row), 'day' => $day] + self::planned($row));
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $day = Rows::text($row->data, 'day', 10);
        // A day is planned once: what comes for it from elsewhere takes the place of what is here.
        $stored = $this->manager->getRepository(StoredDay::class)->findOneBy(['day' => $day])
            ?? ($isNew ? null : $this->find($row->uid))
            ?? new StoredDay($row->uid, $day, self::planned([]));
        $stored->plan($day, self::planned($row->data));
        $this->manager->persist($stored);
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }

    /**
     * @throws PieceUnreadable If there is no such day
     */
    private static function day(string $day): string
    {
        return Rows::isDay($day) ? $day : throw PieceUnreadable::at('day', new Message('time-wanted'));
    }

    /**
     * @param array<mixed> $row
     *
     * @return Planned
     *
     * @throws PieceUnreadable If anything of it cannot be read
     */
    public static function planned(array $row): array
    {
        $pieces = $row['pieces'] ?? [];
        if (!\is_array($pieces) || !array_is_list($pieces) || \count($pieces) > self::MOST) {
            throw PieceUnreadable::at('pieces', new Message('too-many-entries', ['most' => self::MOST]));
        }

        return [
            'begin' => self::clock($row + ['begin' => '09:00'], 'begin'),
            'pieces' => array_map(
                static fn (mixed $uid): string => Rows::uid(['pieces' => $uid], name: 'pieces'),
                $pieces,
            ),
            'pins' => array_map(static fn (array $pin): array => [
                'piece' => Rows::uid($pin, name: 'piece'),
                'left' => Rows::number($pin, 'left', 1, 1000),
                'at' => self::clock($pin, 'at'),
            ], Rows::list($row, 'pins', self::MOST_PINS)),
        ];
    }

    /**
     * @param array<mixed> $row
     *
     * @throws PieceUnreadable If no time of day stands there
     */
    private static function clock(array $row, string $name): string
    {
        $clock = Rows::text($row, $name, 5);

        $isClock = 1 === preg_match(self::CLOCK, $clock);

        return $isClock ? $clock : throw PieceUnreadable::at($name, new Message('time-wanted'));
    }
}
