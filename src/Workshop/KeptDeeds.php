<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;

/**
 * The record of who did what: the deeds of one day are one row.
 */
final readonly class KeptDeeds implements Kept
{
    /** Of one day: two hundred people who do a thing a minute. */
    private const MOST = 100_000;

    public function __construct(private EntityManagerInterface $manager) {}

    public function word(): string
    {
        return 'deed';
    }

    public function folder(): string
    {
        return 'record';
    }

    public function page(): string
    {
        return 'record';
    }

    public function rank(): int
    {
        return 90;
    }

    public function stores(): array
    {
        return [StoredDeed::class];
    }

    public function uids(): iterable
    {
        return array_map(
            static fn (mixed $day): string => self::uid(86400 * (is_numeric($day) ? (int) $day : 0)),
            $this->manager->getConnection()->fetchFirstColumn(
                'SELECT DISTINCT at / 86400 AS day FROM deed ORDER BY day',
            ),
        );
    }

    /**
     * Returns the first deed of the day that has this uid.
     */
    public function find(string $uid): ?StoredDeed
    {
        return $this->of($uid)[0] ?? null;
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredDeed);
        $uid = self::uid($stored->at());

        return ['uid' => $uid, 'deeds' => array_map(self::told(...), $this->of($uid))];
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof StoredDeed);
        self::deed(self::told($stored), 0, \PHP_INT_MAX);
    }

    public function read(array $row): Row
    {
        $uid = Rows::uid($row, '/^0{24}20\d{6}$/D');
        [$from, $until] = self::day($uid);

        return new Row($uid, gmdate('Y-m-d', $from), ['uid' => $uid, 'deeds' => array_map(
            static fn (array $deed): array => self::told(self::deed($deed, $from, $until)),
            Rows::list($row, 'deeds', self::MOST),
        )]);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        foreach ($this->of($row->uid) as $deed) {
            $this->manager->remove($deed);
        }
        [$from, $until] = self::day($row->uid);
        foreach (Rows::list($row->data, 'deeds', self::MOST) as $deed) {
            $this->manager->persist(self::deed($deed, $from, $until));
        }
    }

    public function remove(object $stored): void
    {
        \assert($stored instanceof StoredDeed);
        foreach ($this->of(self::uid($stored->at())) as $deed) {
            $this->manager->remove($deed);
        }
        $this->manager->flush();
    }

    /**
     * @return list<StoredDeed> of the day that has this uid
     */
    private function of(string $uid): array
    {
        [$from, $until] = self::day($uid);

        /** @var list<StoredDeed> */
        return $this->manager->createQuery(\sprintf(
            'SELECT deed FROM %s deed WHERE deed.at >= :from AND deed.at < :until ORDER BY deed.at, deed.id',
            StoredDeed::class,
        ))->execute(['from' => $from, 'until' => $until]);
    }

    /**
     * @return array<string, int|string>
     */
    private static function told(StoredDeed $deed): array
    {
        return [
            'at' => $deed->at(), 'member' => $deed->uid(), 'who' => $deed->who(), 'what' => $deed->what(),
            'thing' => $deed->thing(), 'name' => $deed->name(), 'times' => $deed->times(),
        ];
    }

    /**
     * @param array<mixed> $row
     */
    private static function deed(array $row, int $from, int $until): StoredDeed
    {
        $at = Rows::number($row, 'at', $from, $until - 1);
        $deed = new StoredDeed(
            $at,
            Rows::uid($row, name: 'member'),
            Rows::text($row, 'who', Member::LONGEST),
            Rows::uid($row, '/^[a-z-]{1,30}$/D', 'what'),
            Rows::text($row, 'thing', 60),
            Rows::text($row, 'name', StoredDeed::LONGEST),
        );
        $times = Rows::number($row, 'times', 1, 1_000_000, 1);
        $deed->again($at, $times - 1);

        return $deed;
    }

    private static function uid(int $at): string
    {
        return str_pad(gmdate('Ymd', $at), 32, '0', \STR_PAD_LEFT);
    }

    /**
     * @return array{int, int} from when until when, in seconds since 1970
     */
    private static function day(string $uid): array
    {
        $from = (int) strtotime(substr($uid, 24).' 00:00 UTC');

        return [$from, $from + 86400];
    }
}
