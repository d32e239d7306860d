<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\AllDerived;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Piece\LogReader;

/**
 * Entries of the log (docs/log.schema.json); their photos come and go with them.
 */
final readonly class KeptLog implements Kept
{
    public function __construct(
        private EntityManagerInterface $manager,
        private LogReader $reader,
        private AllDerived $derived,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'finished';
    }

    public function folder(): string
    {
        return 'log';
    }

    public function page(): string
    {
        return 'log';
    }

    public function rank(): int
    {
        return 50;
    }

    public function stores(): array
    {
        return [StoredEntry::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('log_entry');
    }

    public function find(string $uid): ?StoredEntry
    {
        return $this->manager->getRepository(StoredEntry::class)->findOneBy(['uid' => $uid]);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredEntry);

        return ['uid' => $stored->uid(), 'finished' => $stored->finishedAt()->format(\DATE_ATOM)]
            + Rows::member($stored->madeBy()) + $stored->document();
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof StoredEntry);
        $this->reader->read($stored->document(), $stored->uid());
    }

    public function read(array $row): Row
    {
        [$uid, $finished] = [Rows::uid($row), Rows::time($row, 'finished')];
        $document = Rows::rest($row, 'finished', 'madeBy');
        $entry = $this->reader->read($document, $uid);

        return new Row($uid, $entry->name, [
            'uid' => $uid, 'finished' => $finished->format(\DATE_ATOM),
        ] + Rows::member(Rows::madeBy($row)) + $document);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $there = $isNew ? null : $this->find($row->uid);
        $finished = Rows::time($row->data, 'finished');
        $document = Rows::rest($row->data, 'finished', 'madeBy');
        if (null !== $there) {
            $this->manager->remove($there); // an entry never changes: this is another
            $this->manager->flush();
        }
        $this->manager->persist(new StoredEntry($document, $finished, $row->uid, Rows::madeBy($row->data)));
        $this->derived->forget();
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
        $this->derived->changed();
    }
}
