<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Doctrine\ORM\EntityManagerInterface;

/**
 * What was deleted lately, so that it can be had back where it is read, too.
 */
final readonly class KeptBin implements Kept
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'removed';
    }

    public function folder(): string
    {
        return 'removed';
    }

    public function page(): string
    {
        return 'bin';
    }

    public function rank(): int
    {
        return 90;
    }

    public function stores(): array
    {
        return [StoredRemoval::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('removed');
    }

    public function find(string $uid): ?StoredRemoval
    {
        return $this->manager->getRepository(StoredRemoval::class)->findOneBy(['uid' => $uid]);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredRemoval);

        return [
            'uid' => $stored->uid,
            'kind' => $stored->kind,
            'of' => $stored->of,
            'name' => $stored->name,
            'at' => $stored->removedAt->format(\DATE_ATOM),
            'row' => $stored->row,
        ];
    }

    /**
     * What is in the bin may be unreadable: that is why it is there.
     */
    public function check(object $stored): void
    {
        \assert($stored instanceof StoredRemoval);
    }

    public function read(array $row): Row
    {
        $name = Rows::text($row, 'name', 200);

        return new Row(Rows::uid($row), $name, [
            'uid' => Rows::uid($row),
            'kind' => Rows::uid($row, '/^[a-z]{1,20}$/D', 'kind'),
            'of' => Rows::uid($row, '/^[0-9a-z-]{0,40}$/D', 'of'),
            'name' => $name,
            'at' => Rows::time($row, 'at')->format(\DATE_ATOM),
            'row' => Rows::named(\is_array($row['row'] ?? null) ? $row['row'] : []),
        ]);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        if ($isNew || null === $this->find($row->uid)) {
            $this->manager->persist(new StoredRemoval(
                $row->uid,
                Rows::text($row->data, 'kind', 20),
                Rows::text($row->data, 'of', 40),
                $row->name,
                Rows::named(\is_array($row->data['row']) ? $row->data['row'] : []),
                Rows::time($row->data, 'at'),
            ));
        }
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }
}
