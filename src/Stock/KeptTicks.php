<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;

/**
 * Which cuts of a cut sheet are made: a row says no more than that one is.
 */
final readonly class KeptTicks implements Kept
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'tick';
    }

    public function folder(): string
    {
        return 'ticks';
    }

    public function page(): string
    {
        return 'cut';
    }

    public function rank(): int
    {
        return 60;
    }

    public function stores(): array
    {
        return [StoredTick::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('stock_tick', 'cut', 'cut');
    }

    public function find(string $uid): ?StoredTick
    {
        return $this->manager->find(StoredTick::class, $uid);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredTick);

        return ['uid' => $stored->cut()];
    }

    public function check(object $stored): void
    {
        $this->read($this->row($stored));
    }

    public function read(array $row): Row
    {
        $uid = Rows::uid($row);

        return new Row($uid, substr($uid, 0, 8), ['uid' => $uid]);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        if ($isNew || null === $this->find($row->uid)) {
            $this->manager->persist(new StoredTick($row->uid));
        }
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }
}
